import { bridge, connectBluetooth } from '../../data/bridge/bridge';
import { connectBluetoothProbe, type BluetoothLike } from '../../data/bridge/bluetooth';

const bluetoothOf = () => (navigator as unknown as { bluetooth?: BluetoothLike }).bluetooth;

/** Whether this browser can reach a Bluetooth probe. */
export const hasBluetooth = (): boolean => typeof navigator !== 'undefined' && bluetoothOf() !== undefined;

/** Lets a person choose a Bluetooth probe and begins with its values. @throws Error with a sentence for the person */
export async function connectProbe(): Promise<void> {
  const bluetooth = bluetoothOf();
  if (!bluetooth) throw new Error('This browser has no Bluetooth.');
  const stop = await connectBluetoothProbe(bluetooth, { take: bridge.take, lost: bridge.lost });
  connectBluetooth(stop);
}
