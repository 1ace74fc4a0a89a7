import { useCallOff, useHoldBack, useQueue } from '../api/queue';
import { Confirmed } from '../page/Confirmed';
import { Machines } from './Machines';
import { Mistake } from '../page/Notice';

/** A stretch of time as one says it: "about 40 seconds". */
export function spokenSpan(seconds: number): string {
  if (seconds < 90) {
    return seconds <= 10 ? 'a few seconds' : `about ${Math.ceil(seconds / 10) * 10} seconds`;
  }
  const minutes = Math.round(seconds / 60);
  return minutes < 90 ? `about ${minutes} minutes` : `about ${Math.round(minutes / 60)} hours`;
}

/**
 * How far the checks of an exercise are, and holding them back.
 *
 * @param open how many are being checked or wait, as the sheet says
 * @param all how many were handed in
 */
export function Queue(props: { exercise: number; open: number; all: number; sets: boolean }) {
  const queue = useQueue(props.exercise, true);
  const holdBack = useHoldBack(props.exercise);
  const callOff = useCallOff(props.exercise);
  const q = queue.data;
  const busy = q ? q.waiting + q.running : 0;
  if (!q || (busy === 0 && !q.paused)) {
    return null;
  }
  return (
    <section aria-label="Checks" className="mt-3 border-l-[3px] border-slate pl-3" role="status">
      <p>
        {q.running > 0 && `${q.running} ${q.running === 1 ? 'is' : 'are'} being checked`}
        {q.running > 0 && q.waiting > 0 && ', '}
        {q.waiting > 0 && `${q.waiting} ${q.waiting === 1 ? 'waits' : 'wait'}`}
        {busy === 0 && 'Nothing waits'}
        {q.paused && <span className="font-semibold text-ochre">, held back</span>}
        {!q.paused && q.secondsLeft !== undefined && busy > 0 && `, ${spokenSpan(q.secondsLeft)} left`}.
      </p>
      {props.all > 0 && busy > 0 && (
        <progress
          className="mt-1 w-full accent-slate"
          aria-label="Checked so far"
          value={Math.max(0, props.all - props.open)}
          max={props.all}
        />
      )}
      {(q.perMinute !== undefined || q.elsewhere > 0) && (
        <p className="text-[13px] text-soft">
          {[
            q.perMinute !== undefined && `${q.perMinute} a minute lately`,
            q.elsewhere > 0 && `${q.elsewhere} of other exercises in between`,
          ]
            .filter(Boolean)
            .join(', ')}
        </p>
      )}
      {busy > 0 && <Machines />}
      {props.sets && (
        <p className="mt-1 flex flex-wrap gap-x-4 text-[14px]">
          <button
            type="button"
            className="quiet"
            disabled={holdBack.isPending}
            onClick={() => holdBack.mutate(!q.paused)}
          >
            {q.paused ? 'Let them go on' : 'Hold them back'}
          </button>
          {q.waiting > 0 && (
            <Confirmed
              text="Call them off"
              now={`Call ${q.waiting} off`}
              about={<span className="text-soft">They can be checked later.</span>}
              onConfirm={() => callOff.mutate(undefined)}
            />
          )}
        </p>
      )}
      <Mistake error={holdBack.error ?? callOff.error} />
    </section>
  );
}
