import type { Api } from '../api/client';

/** What can be decided, for choosing. */
export const what: Record<string, string> = {
  POINTS: 'Points',
  FEEDBACK: 'Feedback',
  REMARK: 'Remarks',
  BINDING: 'Who is who',
  SETTLED: 'Settling',
  RETURNED: 'Given to a student',
  HAND_BACK: 'Giving back',
  EXCUSE: 'Excuses',
  EXTENSION: 'Other deadlines',
  READER: 'Who reads what',
  SECOND_READING: 'What is read twice',
  SECOND: 'Second readings done',
  REMOVAL: 'What was removed',
  SCHEME: 'How it is reckoned',
  VERSION: 'Versions of exercises',
};

type Line = Pick<Api<'HistoryLine'>, 'what' | 'item' | 'before' | 'after'>;

const LONGEST = 160;
const cut = (text: string) => (text.length > LONGEST ? `${text.slice(0, LONGEST - 1)}…` : text);
const quoted = (text: string) => `“${cut(text.replace(/\s+/g, ' '))}”`;

/** A decision in a sentence. */
export function saidOf(l: Line): string {
  switch (l.what) {
    case 'POINTS':
      return `${l.before ?? 'as proposed'} → ${l.after ?? 'as proposed'} points for ${l.item?.replace(/^\w+:/, '').replace(/-/g, ' ') ?? 'it'}`;
    case 'FEEDBACK':
      return l.after ? `feedback: ${quoted(l.after)}` : 'feedback taken away';
    case 'REMARK':
      return l.after ? `remark: ${quoted(l.after)}` : 'a remark taken away';
    case 'BINDING':
      return l.after ? `who is who: ${cut(l.after)}` : 'who is who left to the check again';
    case 'SETTLED':
      return l.after === 'true' ? 'settled' : 'opened again';
    case 'RETURNED':
      return l.after === 'true' ? 'given to the student' : 'taken back from the student';
    case 'HAND_BACK':
      return l.after ?? `taken back or called off: ${l.before ?? ''}`;
    case 'EXCUSE':
      return l.after ? `excused: ${cut(l.after)}` : `no longer excused (${cut(l.before ?? '')})`;
    case 'EXTENSION':
      return l.after ? `may hand in until ${l.after}` : 'may no longer hand in later';
    case 'READER':
      return l.before
        ? `handed over from ${l.before} ${l.after ? `to ${l.after}` : 'to the stack'}`
        : (l.after ?? '').startsWith('shared')
          ? (l.after ?? '')
          : `given to ${l.after ?? 'nobody'}`;
    case 'SECOND_READING':
      return l.before
        ? `to be read twice: ${l.before} ${l.after ?? ''}`
        : `to be read twice: ${l.after ?? ''}`;
    case 'SECOND':
      return `read a second time; ${l.after ?? ''}`;
    case 'REMOVAL':
      return 'what was kept of a student was removed at their request';
    case 'SCHEME':
      return 'how the grade is reckoned was changed';
    case 'VERSION':
      return `version ${l.after ?? ''} put in force`;
    default:
      return l.what;
  }
}
