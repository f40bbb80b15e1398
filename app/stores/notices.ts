import { ref } from 'vue';
import { defineStore } from 'pinia';
import { issueText, type Issue } from '@core';

/** A line at the foot of the screen, with a way back when there is one. */
export interface Notice {
  readonly text: string;
  readonly undo?: () => Promise<unknown>;
}

/** Lines that tell what just happened, and problems that stay until they are read. */
export const useNotices = defineStore('notices', () => {
  const notice = ref<Notice | null>(null);
  const problems = ref<readonly string[]>([]);

  function say(text: string, undo?: () => Promise<unknown>): void {
    notice.value = undo ? { text, undo } : { text };
  }
  function complain(issues: readonly Issue[]): void {
    complainIn(issues.map(issueText));
  }
  function complainIn(lines: readonly string[]): void {
    problems.value = [...new Set([...problems.value, ...lines])];
  }
  function settle(): void {
    problems.value = [];
  }
  return { notice, problems, say, complain, complainIn, settle };
});
