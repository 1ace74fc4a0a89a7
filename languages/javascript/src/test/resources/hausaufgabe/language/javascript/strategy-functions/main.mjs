import { Kasse } from "./kasse.mjs";
import { normal, kind, nachts } from "./faehre.mjs";

const kasse = new Kasse(normal);
console.log(kasse.verkaufe({ ziel: "Leuchtturm", zonen: 3, stunde: 12 }));
kasse.wechsle(kind);
console.log(kasse.verkaufe({ ziel: "Werft", zonen: 5, stunde: 12 }));
kasse.wechsle(nachts);
console.log(kasse.verkaufe({ ziel: "Werft", zonen: 1, stunde: 23 }));
console.log(kasse.einnahmen);
