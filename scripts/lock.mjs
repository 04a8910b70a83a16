/** A lock file in the data folder, so that no two servers write to the same data. It holds the process id of its owner. */
import { mkdirSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

const LOCK = 'knife-tray.lock';

/** Returns when a process started, as the system counts it, which tells a reused process id apart; '' if unknown. */
function startOf(pid) {
  try {
    // The name in brackets may hold spaces. The start time is field 22, the 20th after the name.
    return readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ').at(-1).split(' ')[19];
  } catch {
    return '';
  }
}

const isRunning = (pid) => {
  try {
    process.kill(pid, 0);
    return true;
  } catch (error) {
    return error.code === 'EPERM';
  }
};

const read = (file) => {
  try {
    return readFileSync(file, 'utf8');
  } catch {
    return null;
  }
};

/** Returns the id of the running process that a lock names, or null if that process has ended. */
function ownerOf(text) {
  const [pid, started] = (text ?? '').trim().split(' ');
  if (!/^\d+$/.test(pid ?? '') || Number(pid) === process.pid || !isRunning(Number(pid))) return null;
  return (started ?? '') === startOf(pid) ? Number(pid) : null;
}

/** Returns the id of the process that has a data folder open, or null. */
export const lockedBy = (folder) => ownerOf(read(join(folder, LOCK)));

/**
 * Takes the lock of a data folder until this process exits. A lock whose owner was killed is taken over.
 *
 * @param {string} folder made if missing
 * @throws {Error} if another running process has it; `cause` is that process's id
 */
export function lock(folder) {
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const file = join(folder, LOCK);
  const own = `${process.pid} ${startOf(process.pid)}\n`;
  for (let tries = 0; tries < 10; tries++) {
    try {
      writeFileSync(file, own, { flag: 'wx', mode: 0o600 });
      process.once('exit', () => read(file) === own && rmSync(file, { force: true }));
      return;
    } catch (error) {
      if (error.code !== 'EEXIST') throw error;
    }
    const held = read(file);
    if (held === null) continue;
    const owner = ownerOf(held);
    if (owner !== null)
      throw new Error(
        `Another Knife Tray (process ${owner}) is using the data in ${folder}. Stop it first, or set KNIFE_TRAY_DATA to another folder`,
        { cause: owner },
      );
    // Only one process succeeds in moving a stale lock away; one that moved a fresh lock by mistake puts it back.
    const aside = `${file}.${process.pid}`;
    try {
      renameSync(file, aside);
    } catch {
      continue;
    }
    if (read(aside) === held) rmSync(aside);
    else renameSync(aside, file);
  }
  throw new Error(`The lock ${file} could not be created. Try again`);
}
