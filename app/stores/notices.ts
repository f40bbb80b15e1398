import { ref } from 'vue';
import { defineStore } from 'pinia';
import type { Issue } from '@core';
import { undo as UNDO } from '../locale/en/frame';

/** A line at the foot of the screen, with a way back when there is one. */
export interface Notice {
  readonly text: string;
  readonly undo?: () => Promise<unknown>;
  /** what it undoes is large: it is there until the page is left */
  readonly stays?: true;
}

/** Something that stays until it is read, with what can be done about it. */
export interface Problem {
  readonly text: string;
  /** by which it can be taken back once it is so no more */
  readonly tag?: string;
  /** no trouble, only something to decide */
  readonly isNews?: boolean;
  readonly action?: { readonly label: string; run(): void };
}

/** Lines that tell what just happened, and problems that stay until they are read. */
export const useNotices = defineStore('notices', () => {
  const notice = ref<Notice | null>(null);
  const problems = ref<readonly Problem[]>([]);

  function say(text: string, undo?: () => Promise<unknown>, stays?: 'stays'): void {
    keepWay(notice.value);
    notice.value = undo ? { text, undo, ...(stays ? { stays: true as const } : {}) } : { text };
  }
  /** The way back of a notice that gives way to another one moves up to what stays until it is read. */
  function keepWay(gone: Notice | null): void {
    const { undo, stays } = gone ?? {};
    if (gone && undo && stays)
      raise({ text: gone.text, isNews: true, action: { label: UNDO, run: () => void undo() } });
  }
  /** Puts words to problems; they are loaded when there are any. */
  async function worded(issues: readonly Issue[]): Promise<string[]> {
    try {
      const { issueText } = await import('./issue-words');
      return issues.map(issueText);
    } catch {
      // with nobody to bring the words the bare names must do
      return issues.map(({ code, path }) => `${path === '' ? '' : `${path}: `}${code}.`);
    }
  }
  async function complain(issues: readonly Issue[], more: Omit<Problem, 'text'> = {}): Promise<void> {
    for (const text of await worded(issues)) raise({ text, ...more });
  }
  /** The same at the foot of the screen. */
  const sayIssue = async (found: Issue): Promise<void> => say((await worded([found]))[0]!);
  function complainIn(lines: readonly string[]): void {
    for (const text of lines) raise({ text });
  }
  /** The same problem is said once; what can be done about it is what could be done last. */
  function raise(problem: Problem): void {
    const at = problems.value.findIndex(({ text }) => text === problem.text);
    const others = problems.value.filter((_, place) => place !== at);
    problems.value = at === -1 ? [...others, problem] : [...others.slice(0, at), problem, ...others.slice(at)];
  }
  function act(problem: Problem): void {
    // what is still so stays
    if (problem.tag === undefined) problems.value = problems.value.filter((one) => one.text !== problem.text);
    problem.action?.run();
  }
  /** It is so no more. */
  function takeBack(tag: string): void {
    problems.value = problems.value.filter((one) => one.tag !== tag);
  }
  function settle(): void {
    problems.value = [];
  }
  return { notice, problems, say, sayIssue, worded, complain, complainIn, raise, act, takeBack, settle };
});
