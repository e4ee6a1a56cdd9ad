module.exports = () => global.postgres?.stop();
