import { useEffect, useSyncExternalStore } from 'react';
import { api } from './client';
import { useSession } from './session';

/** How often it is said that one is still there, in milliseconds. */
const STILL_HERE = 20_000;

let readers = new Map<number, string[]>();
let connected = true;
const listeners = new Set<() => void>();

function subscribe(listener: () => void) {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

function tell() {
  listeners.forEach((l) => l());
}

/** @param names who has it open; nobody where it is empty */
export function nowReading(submission: number, names: string[]) {
  readers = new Map(readers);
  if (names.length > 0) {
    readers.set(submission, names);
  } else {
    readers.delete(submission);
  }
  tell();
}

/** Nobody is known to read anything, as when the connection begins anew. */
export function nobodyReads() {
  readers = new Map();
  tell();
}

export function nowConnected(on: boolean) {
  if (connected !== on) {
    connected = on;
    tell();
  }
}

/** Whether news comes in; without it pages may show what others have changed already. */
export function useConnected(): boolean {
  return useSyncExternalStore(subscribe, () => connected);
}

/** By submission who has it open, oneself as well. */
export function useReaders(): Map<number, string[]> {
  return useSyncExternalStore(subscribe, () => readers);
}

/** The others who have a submission open. */
export function useOthers(submission: number): string[] {
  const own = useSession().data?.person?.name;
  return (useReaders().get(submission) ?? []).filter((name) => name !== own);
}

/** Says that one has a submission open, as long as one has. */
export function useReading(submission: number) {
  useEffect(() => {
    const params = { path: { id: submission } };
    const here = () => void api.POST('/api/submissions/{id}/reading', { params }).catch(() => undefined);
    here();
    const timer = setInterval(here, STILL_HERE);
    return () => {
      clearInterval(timer);
      void api.POST('/api/submissions/{id}/reading/end', { params, keepalive: true }).catch(() => undefined);
    };
  }, [submission]);
}
