'use strict';

class Handler {
  setNext(handler) {
    this.next = handler;
    return handler;
  }

  handle(request) {
    return this.next ? this.next.handle(request) : `nobody is in charge of ${request.what}`;
  }
}

class Watchman extends Handler {
  handle(request) {
    if (request.euros < 50) return `watchman grants ${request.what}`;
    return super.handle(request);
  }
}

class Foreman extends Handler {
  handle(request) {
    return request.euros < 500 ? `foreman grants ${request.what}` : super.handle(request);
  }
}

class HarbourMaster extends Handler {
  constructor(limit) {
    super();
    this.limit = limit;
  }

  handle(request) {
    if (request.euros <= this.limit) {
      return `harbour master grants ${request.what}`;
    }
    return super.handle(request);
  }
}

const first = new Watchman();
first.setNext(new Foreman()).setNext(new HarbourMaster(10000));
for (const [what, euros] of [['rope', 20], ['paint', 180], ['winch', 2300], ['crane', 90000]]) {
  console.log(first.handle({ what, euros }));
}
