/** Tells whether a key press is a shortcut: not while typing, not with a modifier, not in a dialog. */
export function isFree(event: KeyboardEvent): boolean {
  if (event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented) return false;
  const target = event.target as HTMLElement | null;
  return !target?.closest('input, textarea, select, [contenteditable], [role="dialog"]');
}

/** Keyboard shortcuts as shown in the help. */
export const KEYS: readonly (readonly [string, string])[] = [
  ['1 to 7', 'Build, Size, Cook, Set, Cut, Price, Pack'],
  ['[ and ]', 'select the layer below or above'],
  ['arrows', 'move the selected cut line or layer edge by 1 mm (5 mm with Shift)'],
  ['u', 'undo'],
  ['k', 'save version'],
  ['/', 'search'],
  ['p', 'print the amounts'],
  ['Escape', 'leave a field or close a dialog'],
  ['?', 'show this list'],
];
