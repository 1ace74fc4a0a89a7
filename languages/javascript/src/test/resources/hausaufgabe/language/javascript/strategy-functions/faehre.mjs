// Fahrpreise der Hafenfähre: jede Regel ist eine Funktion.
export const normal = (fahrt) => fahrt.zonen * 2.5;
export const kind = (fahrt) => Math.min(3, fahrt.zonen) * 1.2;

export function nachts(fahrt) {
  return normal(fahrt) + (fahrt.stunde >= 22 ? 4 : 0);
}
