interface Anfrage { thema: string; stufe: number }

abstract class Stelle {
  private naechste: Stelle | null = null;
  dann(stelle: Stelle): Stelle { this.naechste = stelle; return stelle; }
  bearbeite(a: Anfrage): string {
    if (this.zustaendig(a)) return this.antwort(a);
    if (this.naechste === null) return `niemand fuer ${a.thema}`;
    return this.naechste.bearbeite(a);
  }
  protected abstract zustaendig(a: Anfrage): boolean;
  protected abstract antwort(a: Anfrage): string;
}

class Pfoertner extends Stelle {
  protected zustaendig(a: Anfrage): boolean { return a.stufe === 0; }
  protected antwort(a: Anfrage): string { return `Pfoertner: ${a.thema}`; }
}

class Kanzlei extends Stelle {
  constructor(private readonly themen: ReadonlySet<string>) { super(); }
  protected zustaendig(a: Anfrage): boolean { return this.themen.has(a.thema); }
  protected antwort(a: Anfrage): string { return `Kanzlei: ${a.thema}`; }
}

class Meister extends Stelle {
  protected zustaendig(a: Anfrage): boolean { return a.stufe < 3; }
  protected antwort(a: Anfrage): string { return `Hafenmeister: ${a.thema}`; }
}

const erste = new Pfoertner();
erste.dann(new Kanzlei(new Set(['Zoll', 'Pass']))).dann(new Meister());
for (const a of [{ thema: 'Weg', stufe: 0 }, { thema: 'Pass', stufe: 9 }, { thema: 'Liegeplatz', stufe: 2 }, { thema: 'Krieg', stufe: 5 }])
  console.log(erste.bearbeite(a));
