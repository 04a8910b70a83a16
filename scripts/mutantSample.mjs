/**
 * Stryker plugin that changes only one line in `MUTANTS_EVERY`: a folder with hundreds of lines would take hours otherwise. Which
 * lines are changed depends on their numbers alone, so that two measurements are comparable.
 */
import { PluginKind, declareClassPlugin } from '@stryker-mutator/api/plugin';

const every = Number(process.env.MUTANTS_EVERY ?? 1);

class LineSample {
  /** An expression over several lines is entered, and its lines are sampled one by one. */
  shouldIgnore({ node }) {
    const { start, end } = node.loc ?? {};
    const isLeft = start && start.line === end.line && start.line % every !== 0;
    return isLeft ? `Only one line in ${every} is changed` : undefined;
  }
}

export const strykerPlugins = [declareClassPlugin(PluginKind.Ignore, 'line-sample', LineSample)];
