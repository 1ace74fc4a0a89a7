class Ruderboot {
  antrieb() { return 'Riemen'; }
}
class Segelboot {
  antrieb() { return 'Wind'; }
}
class Motorboot {
  constructor(ps = 40) { this.ps = ps; }
  antrieb() { return `${this.ps} PS`; }
}

class Werft {
  static baue(art) {
    switch (art) {
      case 'ruder': return new Ruderboot();
      case 'segel': return new Segelboot();
      case 'motor': return new Motorboot(60);
      default: throw new RangeError('unbekannte Bootsart: ' + art);
    }
  }
}

['ruder', 'segel', 'motor'].forEach((art) => console.log(Werft.baue(art).antrieb()));
module.exports = { Werft };
