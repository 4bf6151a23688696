/** Which names this house answers to: a foreign page that points a name of its own at this machine gets nothing. */
import { networkInterfaces } from 'node:os';

const ANY_ADDRESS = ['0.0.0.0', '::'];

/**
 * @param env HOST, where it listens; ORIGIN, the address that people type when it stands behind a proxy; HOSTS, further names with commas
 * @returns whether a request for this `Host` is meant for this house
 */
export function hostsOf({ HOST, ORIGIN, HOSTS }) {
	const names = new Set((HOSTS ?? '').split(',').map(nameOf));
	if (ORIGIN && URL.canParse(ORIGIN)) names.add(new URL(ORIGIN).hostname.replace(/^\[|\]$/g, ''));
	if (HOST) names.add(nameOf(HOST));
	names.delete('');
	// Who listens on all addresses of a machine is asked by each of them.
	const isOnAll = ANY_ADDRESS.includes(nameOf(HOST ?? ''));
	return (host) => {
		const name = nameOf(host ?? '');
		return isLoopback(name) || names.has(name) || (isOnAll && ownAddresses().has(name));
	};
}

/** The name of `name:4173`, `[::1]:4173`, `name.` as it is compared. */
function nameOf(host) {
	const written = host.trim().toLowerCase();
	const [, inBrackets] = /^\[([^\]]*)\](?::\d+)?$/.exec(written) ?? [];
	if (inBrackets !== undefined) return inBrackets;
	// More colons than one: an address of six groups without brackets.
	return (written.split(':').length > 2 ? written : written.split(':')[0]).replace(/\.$/, '');
}

function isLoopback(name) {
	return name === 'localhost' || name.endsWith('.localhost') || name === '::1' || /^127(\.\d{1,3}){3}$/.test(name);
}

function ownAddresses() {
	return new Set(
		Object.values(networkInterfaces())
			.flat()
			.map(({ address }) => address.split('%')[0])
	);
}

/** What one who comes by another name is told. */
export function foreignHost(host) {
	const said = String(host ?? '')
		.replace(/[^\w.:[\]-]/g, '')
		.slice(0, 100);
	return `Rare Keep does not answer to the name “${said}” here. Open it by the address it printed when it started, or start it with HOSTS=${said || 'name'}.`;
}
