/** Texts about the length of a schedule, and why there is none. */
import type { Figures } from '$core/measure';
import type { StepTitle } from '$core/slab';
import type { Blockable } from '$core/time';
import type { Day, DayReason } from '$core/usecases';
import { plural } from './grammar';
import { setReasonText } from './setting';
import { stepText } from './steps';

/** Names of what can be blocked for a time. */
export const BLOCKABLE_NAMES: Readonly<Record<Blockable, string>> = {
  people: 'Nobody here',
  oven: 'Oven',
  ring: 'Hob',
  mixer: 'Mixer',
  fridge: 'Fridge',
  freezer: 'Freezer',
};

/** Formats a duration in one unit, since the minutes of a week do not matter. */
function stretch(minutes: number): string {
  const hours = Math.ceil(minutes / 60);
  return hours < 72 ? `${hours} h` : plural(Math.ceil(hours / 24), 'day', 'days');
}

const cm2 = (mm2: number) => `${Math.round(mm2 / 100)} cm²`;

/** Returns what limits a schedule, or why it is impossible, without a full stop. */
export function dayReasonText(reason: DayReason, say: Figures): string {
  const quoted = (step: StepTitle) => `"${stepText(step, say)}"`;
  switch (reason.code) {
    case 'circular':
      return 'Steps wait for one another in a circle. Remove one of their links';
    case 'not-better':
      return 'It ends later than another schedule';
    case 'pinned-too-early':
      return `${quoted(reason.step)} is pinned, so ${quoted(reason.next)} comes too long after it`;
    case 'wait-too-long':
      return `${quoted(reason.next)} cannot follow ${quoted(reason.step)} in time. Allow a longer wait, ${reason.next.code === 'lay' ? 'use a larger pot, make one tin fewer, ' : ''}add a person, or extend the working hours`;
    case 'no-oven':
      return `${quoted(reason.step)} needs an oven, and there is none`;
    case 'no-ring':
      return `${quoted(reason.step)} needs a ring, and there is none`;
    case 'no-cold-space':
      return `${quoted(reason.step)} needs ${cm2(reason.needsMm2)} of shelf, and the ${reason.place} has ${cm2(reason.hasMm2)}`;
    case 'longer-than-hours':
      return `${quoted(reason.step)} takes ${Math.round(reason.minutes)} min, longer than any stretch of working hours`;
    case 'longest-step':
      return `${quoted(reason.step)} is the longest step on the critical path`;
    case 'waits-for-hours':
      return `The longest wait is for working hours, ${stretch(reason.minutes)}`;
    case 'begins-in-past':
      return `It would have to start ${stretch(reason.minutes)} ago${reason.then ? `. ${dayReasonText(reason.then, say)}` : ''}`;
    case 'layer-never-sets':
      return setReasonText(reason.layer, say).replace(/\.$/, '');
  }
}

/** Returns what limits a schedule, or why it is impossible, without a full stop; empty without steps. */
export function dayText(
  { because, endsBeforeDeadline }: Pick<Day, 'because' | 'endsBeforeDeadline'>,
  say: Figures,
): string {
  const closed = endsBeforeDeadline
    ? 'Nobody works at the deadline, so everything ends with the working hours before it'
    : '';
  return [closed, because ? dayReasonText(because, say) : ''].filter(Boolean).join('. ');
}
