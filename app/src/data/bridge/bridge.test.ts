import type { LiveValue } from '@huff/core/instruments';
import { connectBluetoothProbe, type BluetoothLike } from './bluetooth';
import { makeBridgeStore } from './bridgeStore';
import { listenToStream } from './stream';

let now = 1_780_000_000_000;
const kept = new Map<string, string>();
const storage = {
  getItem: (key: string) => kept.get(key) ?? null,
  setItem: (key: string, text: string) => void kept.set(key, text),
};
beforeEach(() => {
  jest.useFakeTimers();
  kept.clear();
  now = 1_780_000_000_000;
});
afterEach(() => jest.useRealTimers());

const value = (more: Partial<LiveValue> = {}): LiveValue => ({
  probe: 'Manometer A',
  channel: 'static',
  value: -0.31,
  atMs: now,
  ...more,
});
const store = () => makeBridgeStore(storage, () => now);
/** Five values a second, for so long. */
function feed(to: ReturnType<typeof store>, seconds: number, more: Partial<LiveValue> = {}) {
  for (let i = 0; i < seconds * 5; i++) {
    now += 200;
    to.take([value(more)]);
  }
  jest.runOnlyPendingTimers();
}

test('a probe is heard, and comes to rest', () => {
  const bridge = store();
  feed(bridge, 2);
  expect(bridge.get().probes).toMatchObject([
    { id: 'Manometer A', value: -0.31, isQuiet: false, state: { kind: 'waiting' } },
  ]);
  feed(bridge, 6);
  expect(bridge.get().probes[0]!.state.kind).toBe('steady');
});

test('screens hear of many values as one change', () => {
  const bridge = store();
  const heard = jest.fn();
  bridge.subscribe(heard);
  bridge.take(Array.from({ length: 12 }, (_, i) => value({ probe: `Probe ${i}` })));
  jest.runOnlyPendingTimers();
  expect(heard).toHaveBeenCalledTimes(1);
  expect(bridge.get().probes).toHaveLength(12);
});

test('a probe that falls silent is quiet, keeps its last value, and comes back', () => {
  const bridge = store();
  feed(bridge, 2);
  now += 8_000;
  bridge.tick();
  expect(bridge.get().probes).toMatchObject([{ value: -0.31, isQuiet: true }]);
  feed(bridge, 1, { value: -0.29 });
  expect(bridge.get().probes).toMatchObject([{ value: -0.29, isQuiet: false }]);
});

test('nonsense is counted and left out; sound values beside it count', () => {
  const bridge = store();
  bridge.take([value({ value: NaN }), value({ value: 400 }), value({ atMs: now + 1e6 }), null, 'x', value()]);
  jest.runOnlyPendingTimers();
  expect(bridge.get()).toMatchObject({ refusedCount: 5, probes: [{ value: -0.31 }] });
  expect(bridge.get().refused).toMatch(/\.$/);
});

test('a bridge that names probes without end is held', () => {
  const bridge = store();
  bridge.take(Array.from({ length: 500 }, (_, i) => value({ probe: `Probe ${i}` })));
  jest.runOnlyPendingTimers();
  expect(bridge.get().probes.length).toBe(64);
});

test('the same value twice adds nothing, nor does one from before', () => {
  const bridge = store();
  bridge.take([value(), value(), value({ atMs: now - 500 })]);
  jest.runOnlyPendingTimers();
  expect(bridge.get().probes[0]!.samples).toHaveLength(1);
});

test('two probes cannot sit in one place; where each sits is known the next time', () => {
  const bridge = store();
  bridge.take([value(), value({ probe: 'Manometer B' })]);
  bridge.place('Manometer A', 'R2');
  bridge.place('Manometer B', 'R2');
  expect(bridge.get().probes.map(({ id, place }) => [id, place])).toEqual([
    ['Manometer A', undefined],
    ['Manometer B', 'R2'],
  ]);
  const next = store();
  next.take([value({ probe: 'Manometer B' })]);
  jest.runOnlyPendingTimers();
  expect(next.get().probes[0]!.place).toBe('R2');
});

describe('a stream', () => {
  function opened() {
    const bridge = store();
    const source = { close: jest.fn(), readyState: 0, onopen: null, onerror: null, onmessage: null } as {
      close: jest.Mock;
      readyState: number;
      onopen: (() => void) | null;
      onerror: (() => void) | null;
      onmessage: ((event: { data: string }) => void) | null;
    };
    const open = jest.fn(() => source);
    const stop = listenToStream('/api/bridge', bridge, open);
    return { bridge, source, open, stop };
  }
  test('that is cut and comes back: values stay, and it is said', () => {
    const { bridge, source, stop } = opened();
    source.onmessage!({ data: JSON.stringify([value()]) });
    source.onerror!();
    expect(bridge.get()).toMatchObject({ isLost: true, probes: [{ value: -0.31 }] });
    source.onopen!();
    now += 200;
    source.onmessage!({ data: JSON.stringify(value({ value: -0.3 })) });
    jest.runOnlyPendingTimers();
    expect(bridge.get()).toMatchObject({ isLost: false, probes: [{ value: -0.3 }] });
    stop();
    expect(source.close).toHaveBeenCalled();
  });
  test('that was refused is opened again; one that was ended is not', () => {
    const { source, open, stop } = opened();
    source.readyState = 2;
    source.onerror!();
    expect(open).toHaveBeenCalledTimes(1);
    jest.advanceTimersByTime(3_000);
    expect(open).toHaveBeenCalledTimes(2);
    source.onerror!();
    stop();
    jest.advanceTimersByTime(30_000);
    expect(open).toHaveBeenCalledTimes(2);
  });
  test('an event cut in the middle is refused and harms nothing', () => {
    const { bridge, source } = opened();
    source.onmessage!({ data: '[{"probe":"Manom' });
    jest.runOnlyPendingTimers();
    expect(bridge.get()).toMatchObject({ refusedCount: 1, probes: [] });
  });
});

describe('a Bluetooth probe by the public profiles', () => {
  /** What a browser offers, made up. */
  function standIn(has: Readonly<Record<string, DataView>>, battery?: number) {
    const heard = new Map<string, () => void>();
    let gone: () => void = () => undefined;
    const disconnect = jest.fn();
    const characteristic = (name: string) => ({
      value: has[name],
      startNotifications: () => Promise.resolve(),
      readValue: () => Promise.resolve(new DataView(new Uint8Array([battery ?? 0]).buffer)),
      addEventListener: (_: string, listener: () => void) => heard.set(name, listener),
    });
    const bluetooth = {
      requestDevice: () =>
        Promise.resolve({
          name: 'Sensor',
          addEventListener: (_: string, listener: () => void) => (gone = listener),
          gatt: {
            disconnect,
            connect: () =>
              Promise.resolve({
                getPrimaryService: (service: string) =>
                  service === 'battery_service' && battery === undefined
                    ? Promise.reject(new Error('none'))
                    : Promise.resolve({
                        getCharacteristic: (name: string) =>
                          name in has || name === 'battery_level'
                            ? Promise.resolve(characteristic(name))
                            : Promise.reject(new Error('none')),
                      }),
              }),
          },
        }),
    } as unknown as BluetoothLike;
    return { bluetooth, notify: (name: string) => heard.get(name)!(), goAway: () => gone(), disconnect };
  }
  const bytes = (write: (view: DataView) => void) => {
    const view = new DataView(new ArrayBuffer(4));
    write(view);
    return view;
  };

  test('temperature, humidity and battery are read', async () => {
    const probe = standIn(
      {
        temperature: bytes((view) => view.setInt16(0, 2400, true)),
        humidity: bytes((view) => view.setUint16(0, 4550, true)),
      },
      80,
    );
    const take = jest.fn();
    const stop = await connectBluetoothProbe(probe.bluetooth, { take, lost: jest.fn() }, () => now);
    probe.notify('temperature');
    probe.notify('humidity');
    expect(take.mock.calls.flat(2)).toMatchObject([
      { channel: 'dryBulb', value: 75.2, battery: 0.8 },
      { channel: 'humidity', value: 45.5 },
    ]);
    stop();
    expect(probe.disconnect).toHaveBeenCalled();
  });

  test('pressure is shown over that of the room', async () => {
    const view = bytes((at) => at.setUint32(0, 1_013_000, true));
    const probe = standIn({ pressure: view });
    const take = jest.fn<void, [readonly LiveValue[]]>();
    const lost = jest.fn();
    await connectBluetoothProbe(probe.bluetooth, { take, lost }, () => now);
    probe.notify('pressure');
    view.setUint32(0, 1_013_000 + 746.5, true);
    probe.notify('pressure');
    expect(take.mock.calls.map(([[one]]) => one!.value)).toEqual([0, expect.closeTo(0.3, 2)]);
    probe.goAway();
    expect(lost).toHaveBeenCalled();
  });

  test('one that has nothing to read, or that nobody chose, is said in a sentence', async () => {
    const heard = { take: jest.fn(), lost: jest.fn() };
    await expect(connectBluetoothProbe(standIn({}).bluetooth, heard)).rejects.toThrow(/nothing|no pressure/);
    const nobody = { requestDevice: () => Promise.reject(new Error('cancelled')) };
    await expect(connectBluetoothProbe(nobody, heard)).rejects.toThrow('No probe was chosen.');
  });
});
