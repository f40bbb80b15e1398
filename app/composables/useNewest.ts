import { onScopeDispose, ref, shallowRef, watch, type Ref } from 'vue';
import { issueText, type Issue, type Result } from '@core';

/** An answer, and what it was given to. */
interface Answered<Question, Answer> {
  readonly to: Question;
  readonly answer: Answer;
}
interface Newest<Question, Answer> {
  /** what was answered last: it stands until the next answer comes */
  readonly last: Readonly<Ref<Answered<Question, Answer> | null>>;
  /** the newest question has no answer yet */
  readonly busy: Readonly<Ref<boolean>>;
  readonly problem: Readonly<Ref<string>>;
}

/**
 * Asks a worker about the newest of something, one question at a time: while one is answered those between are passed over. It ends with the page.
 * @param question  null where there is nothing to ask
 * @param worded    how a problem is told
 */
export function useNewest<Question, Answer>(
  question: () => Question | null,
  ask: (question: Question) => Promise<Result<Answer>>,
  worded: (issue: Issue) => string = issueText,
): Newest<Question, Answer> {
  const last = shallowRef<Answered<Question, Answer> | null>(null);
  const busy = ref(false);
  const problem = ref('');
  let newest: Question | null = null;
  let isAsking = false;
  let isGone = false;

  async function follow(): Promise<void> {
    if (isAsking) return;
    isAsking = true;
    while (newest !== null && !isGone) {
      const of = newest;
      const found = await ask(of);
      if (isGone) break;
      if (newest !== of) continue;
      problem.value = found.ok ? '' : found.issues.map(worded).join(' ');
      last.value = found.ok ? { to: of, answer: found.value } : null;
      break;
    }
    isAsking = false;
    busy.value = false;
  }
  watch(
    question,
    (is) => {
      newest = is;
      busy.value = is !== null;
      if (is === null) [last.value, problem.value] = [null, ''];
      else void follow();
    },
    { immediate: true },
  );
  onScopeDispose(() => {
    isGone = true;
  });
  return { last, busy, problem };
}
