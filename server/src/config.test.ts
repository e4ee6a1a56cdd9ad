import path from 'node:path';
import { configFrom } from './config';

test('binds to this machine alone and keeps data in ./data unless told otherwise', () => {
  expect(configFrom({})).toMatchObject({
    host: '127.0.0.1',
    port: 3000,
    dataFolder: path.resolve('data'),
    demo: false,
  });
  expect(configFrom({ HUFF_HOST: '0.0.0.0', PORT: '8080', HUFF_DATA: '/srv/huff', HUFF_DEMO: '1' })).toMatchObject({
    host: '0.0.0.0',
    port: 8080,
    dataFolder: '/srv/huff',
    demo: true,
  });
});

test('a port that is none is refused in words', () => {
  expect(() => configFrom({ PORT: 'web' })).toThrow('PORT is "web": set it to a number from 1 to 65535.');
});

test('names it is reached under are told without ports; what is no name is refused in words', () => {
  expect(configFrom({ HUFF_NAMES: 'Huff.example, 192.0.2.7:8443' }).names).toEqual(['huff.example', '192.0.2.7']);
  expect(configFrom({}).names).toEqual([]);
  expect(() => configFrom({ HUFF_NAMES: 'https://huff.example' })).toThrow(/^HUFF_NAMES has "https:\/\/huff.example"/);
});
