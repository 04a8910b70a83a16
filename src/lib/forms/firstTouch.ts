const TOUCHES = ['pointermove', 'pointerdown', 'keydown'] as const;
let touched: Promise<void> | undefined;

/** Settles when somebody first touches the page, by pointer or key: what nobody needs sooner is fetched then, and no page waits for it. */
export const firstTouch = (): Promise<void> =>
  (touched ??= new Promise((resolve) => {
    const settle = () => {
      for (const touch of TOUCHES) removeEventListener(touch, settle, true);
      resolve();
    };
    for (const touch of TOUCHES) addEventListener(touch, settle, true);
  }));

/** Settles when the page is first to be printed, or touched. */
export const firstTouchOrPrint = (): Promise<void> =>
  Promise.race([
    firstTouch(),
    new Promise<void>((resolve) => {
      const printing = matchMedia('print');
      if (printing.matches) resolve();
      else printing.addEventListener('change', () => resolve(), { once: true });
    }),
  ]);
