import { exactTime, spokenTime } from './time';

/** A moment as people say it, exact on hover. */
export function Moment({ at }: { at: string }) {
  return (
    <time dateTime={at} title={exactTime(at)}>
      {spokenTime(at)}
    </time>
  );
}
