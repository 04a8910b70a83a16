import { saveErrorText } from '$wording/storage';

/** Returns the message of a storage error, also of one in another thread, or `null` for other errors. */
export function storageSentence(error: unknown): string | null {
  return saveErrorText(codeOf(error) || codeOf(error instanceof Error ? error.cause : null));
}

const codeOf = (fault: unknown) =>
  typeof fault === 'object' && fault !== null && 'code' in fault ? String(fault.code) : '';
