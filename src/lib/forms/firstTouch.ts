const TOUCHES = ['pointermove', 'pointerdown', 'keydown'] as const;
let touched: Promise<void> | undefined;

/** Resolves at the first touch or key press: for things to fetch only then. */
export const firstTouch = (): Promise<void> =>
  (touched ??= new Promise((resolve) => {
    const settle = () => {
      for (const touch of TOUCHES) removeEventListener(touch, settle, true);
      resolve();
    };
    for (const touch of TOUCHES) addEventListener(touch, settle, true);
  }));

/** Resolves when the page is first printed or touched. */
export const firstTouchOrPrint = (): Promise<void> =>
  Promise.race([
    firstTouch(),
    new Promise<void>((resolve) => {
      const printing = matchMedia('print');
      if (printing.matches) resolve();
      else printing.addEventListener('change', () => resolve(), { once: true });
    }),
  ]);
