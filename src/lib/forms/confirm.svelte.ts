/** A question before something that cannot be undone. */
interface Question {
  readonly text: string;
  /** Text of the confirming button. */
  readonly act: string;
  readonly answer: (yes: boolean) => void;
}

class Confirmation {
  question: Question | null = $state.raw(null);

  /** Asks; resolves to true if confirmed. */
  ask(text: string, act: string): Promise<boolean> {
    this.question?.answer(false);
    return new Promise((resolve) => (this.question = { text, act, answer: resolve }));
  }

  /** Answers the open question. */
  answer(yes: boolean): void {
    const { question } = this;
    this.question = null;
    question?.answer(yes);
  }
}

/** The single open question; `Confirm.svelte` shows it. */
export const confirmation = new Confirmation();
