export { WhatStandsHere } from './WhatStandsHere';
