declare global {
  namespace App {
    interface Error {
      message: string;
      /** What to quote when asking about it: the same id stands in the server's log. */
      id?: string;
    }
    interface Locals {
      /** Whether a passphrase has yet to be given. */
      isLocked: boolean;
      /** Who asks, for taking turns: the session where there is one, else the address. */
      client: string;
    }
  }
}

export {};
