const day = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short' });
const hour = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });
const whole = new Intl.DateTimeFormat('en-GB', { dateStyle: 'full', timeStyle: 'medium' });

/** A moment as a person says it: just now, today, yesterday, or the day. */
export function spokenTime(iso: string, now: Date = new Date()): string {
  const at = new Date(iso);
  const minutes = Math.round((now.getTime() - at.getTime()) / 60_000);
  if (minutes >= 0 && minutes < 2) {
    return 'just now';
  }
  if (minutes >= 0 && minutes < 60) {
    return `${minutes} minutes ago`;
  }
  const days = Math.round((startOfDay(now) - startOfDay(at)) / 86_400_000);
  const when = days === 0 ? 'today' : days === 1 ? 'yesterday' : days === -1 ? 'tomorrow' : day.format(at);
  return `${when}, ${hour.format(at)}`;
}

/** The same moment to the second, for hovering. */
export function exactTime(iso: string): string {
  return whole.format(new Date(iso));
}

function startOfDay(d: Date): number {
  return new Date(d.getFullYear(), d.getMonth(), d.getDate()).getTime();
}
