import { ref } from 'vue';
import { defineStore } from 'pinia';
import { issueText, type Issue } from '@core';

/** A line at the foot of the screen, with a way back when there is one. */
export interface Notice {
  readonly text: string;
  readonly undo?: () => Promise<unknown>;
}

/** Something that stays until it is read, with what can be done about it. */
export interface Problem {
  readonly text: string;
  /** no trouble, only something to decide */
  readonly isNews?: boolean;
  readonly action?: { readonly label: string; run(): void };
}

/** Lines that tell what just happened, and problems that stay until they are read. */
export const useNotices = defineStore('notices', () => {
  const notice = ref<Notice | null>(null);
  const problems = ref<readonly Problem[]>([]);

  function say(text: string, undo?: () => Promise<unknown>): void {
    notice.value = undo ? { text, undo } : { text };
  }
  function complain(issues: readonly Issue[]): void {
    complainIn(issues.map(issueText));
  }
  function complainIn(lines: readonly string[]): void {
    for (const text of lines) raise({ text });
  }
  /** The same problem is said once. */
  function raise(problem: Problem): void {
    if (problems.value.some(({ text }) => text === problem.text)) return;
    problems.value = [...problems.value, problem];
  }
  function act(problem: Problem): void {
    takeBack(problem.text);
    problem.action?.run();
  }
  /** It is so no more. */
  function takeBack(text: string): void {
    problems.value = problems.value.filter((one) => one.text !== text);
  }
  function settle(): void {
    problems.value = [];
  }
  return { notice, problems, say, complain, complainIn, raise, act, takeBack, settle };
});
