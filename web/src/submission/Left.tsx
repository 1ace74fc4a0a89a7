import { Link } from 'react-router';
import type { Api } from '../api/client';
import { isBeingChecked } from '../api/exercises';
import { KeyTable } from '../page/KeyTable';
import { Moment } from '../page/Moment';
import { requirementsOf, scenariosOf } from './claims';
import type { Judged } from './judging';
import { useRight } from './rights';
import { WhoIsWho } from './WhoIsWho';

type Submission = Api<'SubmissionView'>;

/** Whose it is, what is on the page, and who is who. */
export function Left(props: { submission: Submission; open: Judged[]; onRole?: (role: string) => void }) {
  const { submission: s, open } = props;
  const marks = useRight('MARK');
  const claims = s.report ? requirementsOf(s.report) : [];
  const runs = s.report ? scenariosOf(s.report) : [];
  const count = (...v: string[]) => claims.filter((c) => v.includes(c.verdict));
  const passed = runs.filter((c) => c.verdict === 'MET').length;
  const lines: [string, string | undefined, string | number][] = [
    ['To settle', open[0] && anchorOf(open[0].item), open.length],
    ['Missing', count('MISSING', 'PARTLY')[0]?.finding.id, count('MISSING', 'PARTLY').length],
    ['Met', count('MET')[0]?.finding.id, count('MET').length],
    ['Behaviour', 'behaviour', `${passed} of ${runs.length}`],
  ];
  return (
    <>
      <p className="text-[15px] font-semibold break-words" data-testid="student">
        {s.student.name}
      </p>
      <p className="text-soft">
        {s.student.number}, group {s.student.group}
      </p>
      <p className="text-soft">
        Attempt {s.attempt}, <Moment at={s.uploadedAt} />
        <br />
        {s.late ? <span className="font-semibold text-ochre">late</span> : 'on time'}
      </p>
      {s.version !== undefined && s.version !== s.exercise.version && (
        <p className="mt-1 border-l-[3px] border-ochre pl-2 text-ochre">
          Checked with version {s.version} of the exercise; version {s.exercise.version} is in force.
        </p>
      )}
      {s.attempts.length > 1 && (
        <p className="mt-1 text-soft">
          All attempts:{' '}
          {s.attempts.map((a) => (
            <Link
              key={a.id}
              to={`/submissions/${a.id}`}
              aria-current={a.id === s.id ? 'page' : undefined}
              className={a.id === s.id ? 'mr-2 font-semibold text-ink' : 'quiet mr-2'}
            >
              {a.attempt}
            </Link>
          ))}
        </p>
      )}
      {s.report && (
        <>
          <ul className="mt-6">
            {lines.map(([text, to, n]) => (
              <li key={text} className="border-b border-dotted border-rule">
                <a
                  href={to ? `#${to}` : undefined}
                  className={`flex justify-between py-1.5 ${to ? 'hover:underline' : 'text-soft'}`}
                >
                  <span className={text === 'To settle' && n !== 0 ? 'font-semibold' : ''}>{text}</span>
                  <span className="text-soft">{n}</span>
                </a>
              </li>
            ))}
          </ul>
          <WhoIsWho
            report={s.report}
            binding={s.binding}
            onChange={isBeingChecked(s.state) ? undefined : props.onRole}
          />
        </>
      )}
      <p className="mt-7 text-[14px]">
        <Link
          to={`/exercises/${s.exercise.exerciseId}/beside?of=${s.id}`}
          className="quiet inline-block py-[3px]"
        >
          Lay beside others
        </Link>
        <br />
        <Link
          to={`/exercises/${s.exercise.exerciseId}/alike?with=${s.id}`}
          className="quiet inline-block py-[3px]"
        >
          Those with the same mistakes
        </Link>
      </p>
      <KeyTable groups={marks ? KEYS : KEYS.slice(0, 1)} />
    </>
  );
}

/** Where on the page something that points are given for stands. */
function anchorOf(item: string): string {
  return item.startsWith('requirement:')
    ? item.slice('requirement:'.length)
    : item.replace(/^scenario:/, 'run-');
}

const KEYS = [
  {
    title: 'Going',
    lines: [
      { keys: ['.', ','], does: 'next claim, the one before' },
      { keys: ['q'], does: 'first open question' },
      { keys: ['o'], does: 'open or close a claim' },
      { keys: ['d'], does: 'to the class diagram' },
      { keys: ['n', 'b'], does: 'next submission, the one before' },
    ],
  },
  {
    title: 'Judging the claim you are on',
    lines: [
      { keys: ['t'], does: 'take the points proposed' },
      { keys: ['m'], does: 'met, with all points' },
      { keys: ['x'], does: 'not met, without points' },
      { keys: ['p'], does: 'other points, with a reason' },
      { keys: ['1–9'], does: 'a level, where a person judges' },
      { keys: ['r'], does: 'say something of it' },
    ],
  },
  {
    title: 'The whole',
    lines: [
      { keys: ['f'], does: 'write feedback' },
      { keys: ['s'], does: 'settle and go on' },
      { keys: ['u'], does: 'undo what was done last' },
      { keys: ['?'], does: 'these keys' },
    ],
  },
];
