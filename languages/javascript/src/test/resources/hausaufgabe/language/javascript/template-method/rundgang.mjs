export class Rundgang {
  #notizen = [];

  constructor(name) {
    if (new.target === Rundgang) {
      throw new TypeError("Rundgang ist abstrakt");
    }
    this.name = name;
  }

  gehe() {
    this.#notizen = [];
    this.#notizen.push(this.beginn());
    for (const ort of this.orte()) {
      this.#notizen.push(this.pruefe(ort));
    }
    this.ende();
    return this.#notizen.join("; ");
  }

  beginn() {
    return `${this.name} beginnt`;
  }

  orte() {
    throw new Error("orte() fehlt");
  }

  pruefe(ort) {
    throw new Error("pruefe() fehlt");
  }

  ende() {}
}

export class Nachtwache extends Rundgang {
  orte() {
    return ["Schleuse", "Kran"];
  }

  pruefe(ort) {
    return `${ort} verschlossen`;
  }
}

export class Feuerwache extends Rundgang {
  orte() {
    return ["Speicher"];
  }

  pruefe(ort) {
    return `${ort}: kein Rauch`;
  }

  ende() {
    this.gemeldet = true;
  }
}

for (const r of [new Nachtwache("Nis"), new Feuerwache("Antje")]) {
  console.log(r.gehe());
}
