/** What is being asked before something goes that cannot simply be undone. */
interface Question {
  readonly text: string;
  /** What the button that does it says. */
  readonly act: string;
  readonly answer: (yes: boolean) => void;
}

class Confirmation {
  question: Question | null = $state.raw(null);

  /** Asks; true once it is to be done. */
  ask(text: string, act: string): Promise<boolean> {
    this.question?.answer(false);
    return new Promise((resolve) => (this.question = { text, act, answer: resolve }));
  }

  /** Takes the answer of the one who was asked. */
  answer(yes: boolean): void {
    const { question } = this;
    this.question = null;
    question?.answer(yes);
  }
}

/** The one question that can stand open; `Confirm.svelte` shows it. */
export const confirmation = new Confirmation();
