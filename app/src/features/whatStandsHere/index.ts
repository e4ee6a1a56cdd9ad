export * from './WhatStandsHere';
