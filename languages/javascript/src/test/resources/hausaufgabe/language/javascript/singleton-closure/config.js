const Config = (function () {
  let instance;

  function create() {
    const values = { port: 8080, town: 'Nordhafen' };
    return {
      get(name) {
        return values[name];
      },
      set(name, value) {
        values[name] = value;
      },
    };
  }

  return {
    getInstance() {
      if (!instance) {
        instance = create();
      }
      return instance;
    },
  };
})();

Config.getInstance().set('port', 9090);
console.log(Config.getInstance().get('port'), Config.getInstance() === Config.getInstance());

module.exports = Config;
