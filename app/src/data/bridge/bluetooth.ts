import type { ChannelId, LiveValue } from '@huff/core/instruments';

/** The little of Web Bluetooth that is used: what tests use has the same. */
export interface BluetoothLike {
  requestDevice(options: object): Promise<DeviceLike>;
}
interface DeviceLike {
  readonly name?: string;
  readonly gatt?: { connect(): Promise<ServerLike>; disconnect(): void };
  addEventListener(type: 'gattserverdisconnected', listener: () => void): void;
}
interface ServerLike {
  getPrimaryService(service: string): Promise<ServiceLike>;
}
interface ServiceLike {
  getCharacteristic(characteristic: string): Promise<CharacteristicLike>;
}
interface CharacteristicLike {
  readonly value?: DataView;
  startNotifications(): Promise<unknown>;
  readValue(): Promise<DataView>;
  addEventListener(type: 'characteristicvaluechanged', listener: () => void): void;
}

const PA_PER_IN_WC = 248.84;

/** What a characteristic of the public Environmental Sensing profile means, and how its bytes are read. */
const SENSED: readonly {
  readonly characteristic: string;
  readonly channel: ChannelId;
  readonly read: (data: DataView) => number;
}[] = [
  // 0.1 Pa; the first value is assumed to be the room's.
  { characteristic: 'pressure', channel: 'static', read: (data) => data.getUint32(0, true) / 10 / PA_PER_IN_WC },
  // 0.01 °C
  { characteristic: 'temperature', channel: 'dryBulb', read: (data) => (data.getInt16(0, true) / 100) * 1.8 + 32 },
  // 0.01 %
  { characteristic: 'humidity', channel: 'humidity', read: (data) => data.getUint16(0, true) / 100 },
];

/** What hears of values, and of the end of them. */
interface BluetoothHeard {
  readonly take: (values: readonly LiveValue[]) => void;
  readonly lost: () => void;
}

/** A characteristic the probe does not have is no fault: each has only some. */
const tried = <T>(asked: Promise<T>): Promise<T | undefined> => asked.catch(() => undefined);

/**
 * Connects a probe by the public Environmental Sensing and Battery profiles: pressure, temperature, humidity, battery.
 *
 * @returns what ends it
 * @throws Error with a sentence for the person when no probe was chosen or it has nothing to read
 * @source Bluetooth SIG, Environmental Sensing Profile and Battery Service
 */
export async function connectBluetoothProbe(
  bluetooth: BluetoothLike,
  heard: BluetoothHeard,
  now: () => number = Date.now,
): Promise<() => void> {
  const device = await bluetooth
    .requestDevice({ filters: [{ services: ['environmental_sensing'] }], optionalServices: ['battery_service'] })
    .catch(() => {
      throw new Error('No probe was chosen.');
    });
  const server = await device.gatt?.connect();
  const sensing = server && (await tried(server.getPrimaryService('environmental_sensing')));
  if (!server || !sensing) throw new Error('This probe does not answer. Is it on and near?');
  const name = device.name ?? 'Bluetooth probe';
  const batteryService = await tried(server.getPrimaryService('battery_service'));
  const battery = batteryService && (await tried(batteryService.getCharacteristic('battery_level')));
  const level = battery && (await tried(battery.readValue()));
  const share = level && Math.min(1, level.getUint8(0) / 100);
  let readable = 0;
  for (const { characteristic, channel, read } of SENSED) {
    const found = await tried(sensing.getCharacteristic(characteristic));
    if (!found) continue;
    readable += 1;
    let zero: number | undefined;
    found.addEventListener('characteristicvaluechanged', () => {
      if (!found.value) return;
      const value = read(found.value);
      // A barometer says how high the pressure is; static is what is over the room's.
      if (channel === 'static') zero ??= value;
      heard.take([{ probe: `${name} ${channel}`, channel, value: value - (zero ?? 0), atMs: now(), battery: share }]);
    });
    await found.startNotifications();
  }
  if (readable === 0) {
    device.gatt?.disconnect();
    throw new Error('This probe has no pressure, temperature or humidity to read.');
  }
  device.addEventListener('gattserverdisconnected', heard.lost);
  return () => device.gatt?.disconnect();
}
