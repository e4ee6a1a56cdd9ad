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
