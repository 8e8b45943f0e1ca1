import { newKey } from '../ui/new-key';

/** Which device an entry was typed on, and the how-manieth of that device it is. */
export interface DeviceMark {
	readonly device?: string;
	readonly sequence?: number;
}

const [deviceName, sequenceName] = ['nest-row device', 'nest-row sequence'];

/** The mark of the next entry of this device; none where the device remembers nothing. */
export function thisDevice(storage: () => Storage = () => globalThis.localStorage): DeviceMark {
	try {
		const kept = storage();
		const device = kept.getItem(deviceName) ?? newKey();
		const sequence = Number(kept.getItem(sequenceName) ?? 0) + 1;
		kept.setItem(deviceName, device);
		kept.setItem(sequenceName, String(sequence));
		return Number.isSafeInteger(sequence) ? { device, sequence } : { device };
	} catch {
		return {};
	}
}

/** The mark of the last entry of this device; none where there was none, or the device remembers nothing. */
export function lastOfDevice(storage: () => Storage = () => globalThis.localStorage): DeviceMark {
	try {
		const device = storage().getItem(deviceName);
		const sequence = Number(storage().getItem(sequenceName) ?? 0);
		return device && Number.isSafeInteger(sequence) ? { device, sequence } : {};
	} catch {
		return {};
	}
}
