/**
 * Stryker plugin that leaves all lines but one in `MUTANTS_EVERY` unchanged: a folder with hundreds of lines takes hours otherwise.
 * Which lines are changed depends on their numbers alone, so that two measurements are of the same changes.
 */
import { PluginKind, declareClassPlugin } from '@stryker-mutator/api/plugin';

const every = Number(process.env.MUTANTS_EVERY ?? 1);

class LineSample {
  /** An expression over several lines is entered: its lines are sampled each by itself. */
  shouldIgnore({ node }) {
    const { start, end } = node.loc ?? {};
    const isLeft = start && start.line === end.line && start.line % every !== 0;
    return isLeft ? `Only one line in ${every} is changed` : undefined;
  }
}

export const strykerPlugins = [declareClassPlugin(PluginKind.Ignore, 'line-sample', LineSample)];
