module.exports = require('../babel.config.cjs');
