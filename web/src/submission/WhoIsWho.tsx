import type { Api } from '../api/client';
import { Moment } from '../page/Moment';
import { Seal } from '../seal/Seal';
import { spoken } from '../seal/roles';

/** Which type plays which role, and the way to say otherwise. */
export function WhoIsWho(props: {
  report: Api<'CheckReport'>;
  binding?: Api<'BindingView'>;
  onChange?: (role: string) => void;
}) {
  const { report, binding } = props;
  return (
    <>
      <p className="margin-heading mt-7">Who is who</p>
      <ul className="mt-2 grid gap-2">
        {Object.entries(report.roles).map(([role, types]) => (
          <li key={role} className="grid grid-cols-[29px_minmax(0,1fr)] gap-2.5">
            <Seal role={role} />
            <span className="break-words">
              {types.length > 0 ? (
                types.map((t) => (t === 'lambda' ? 'functions' : t)).join(', ')
              ) : (
                <span className="text-soft italic">nobody found</span>
              )}
              <span className="sr-only"> is the {spoken(role)}</span>{' '}
              {props.onChange && report.diagram && (
                <button
                  type="button"
                  className="quiet text-[12.5px]"
                  aria-label={`Change who is the ${spoken(role).toLowerCase()}`}
                  onClick={() => props.onChange?.(role)}
                >
                  {binding?.roles[role] ? 'by hand' : 'change'}
                </button>
              )}
            </span>
          </li>
        ))}
      </ul>
      {binding && (
        <p className="mt-2 border-l-[3px] border-slate pl-2 font-read text-[14px] text-slate italic">
          {binding.reason}{' '}
          <span className="font-ui text-[12.5px] not-italic">
            {binding.by}, <Moment at={binding.at} />
          </span>
        </p>
      )}
      {report.ambiguous && (
        <p className="mt-2 border-l-[3px] border-slate pl-2 text-slate">
          As well possible: {report.alternatives.join('; ')}.
        </p>
      )}
      {report.instances.length > 0 && (
        <p className="mt-2 border-l-[3px] border-rule pl-2 text-soft">
          And once more: {report.instances.join('; ')}.
        </p>
      )}
    </>
  );
}
