export function hostsOf(env: { HOST?: string; ORIGIN?: string; HOSTS?: string }): (host: string | undefined) => boolean;
export function foreignHost(host: string | undefined): string;
