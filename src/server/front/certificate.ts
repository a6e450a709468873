import 'reflect-metadata';
import { webcrypto } from 'node:crypto';
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { BlockList, isIP } from 'node:net';
import { join } from 'node:path';
import { AsnConvert } from '@peculiar/asn1-schema';
import { GeneralName, GeneralSubtree, GeneralSubtrees, NameConstraints } from '@peculiar/asn1-x509';
import * as x509 from '@peculiar/x509';
import { DAY_MS } from '@/core/units';

const KEY = { name: 'ECDSA', namedCurve: 'P-256', hash: 'SHA-256' } as const;
const HOUSE_YEARS = 10;
/** Phones refuse a certificate that is good for longer. */
const SERVER_DAYS = 397;
/** With less than this left a new one is made. */
const RENEW_DAYS = 30;
const NAME_CONSTRAINTS = '2.5.29.30';

export interface HouseCertificate {
  /** For the server, PEM. */
  readonly key: string;
  readonly cert: string;
  /** What a phone has to trust once, PEM. */
  readonly house: string;
}

/**
 * A certificate for the names and numbers this computer has in the house, signed by one that the household's phones trust
 * once. Both are kept in `folder`, readable by its owner only. The one to trust speaks for numbers of private networks and
 * the given names alone, so that whoever stole its key could not pass for a shop or a bank.
 */
export async function houseCertificate(
  folder: string,
  names: readonly string[],
  nowMs: number,
): Promise<HouseCertificate> {
  x509.cryptoProvider.set(webcrypto as unknown as Crypto);
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const keptHouse = readPair(folder, 'house', nowMs);
  const house = keptHouse && speaksFor(keptHouse, names) ? keptHouse : await makeHouse(folder, names, nowMs);
  const kept = readPair(folder, 'server', nowMs);
  const fits =
    kept &&
    names.every((name) => namesOf(kept.certificate).includes(name)) &&
    (await kept.certificate.verify({ publicKey: house.certificate, signatureOnly: true }));
  const server = fits ? kept : await makeServer(folder, house, names, nowMs);
  return {
    key: server.key,
    cert: `${server.certificate.toString('pem')}\n${house.certificate.toString('pem')}`,
    house: house.certificate.toString('pem'),
  };
}

interface Pair {
  readonly key: string;
  readonly certificate: x509.X509Certificate;
}

async function makeHouse(folder: string, names: readonly string[], nowMs: number): Promise<Pair> {
  const keys = await webcrypto.subtle.generateKey(KEY, true, ['sign', 'verify']);
  const certificate = await x509.X509CertificateGenerator.createSelfSigned({
    name: 'CN=Gander in this house',
    notBefore: new Date(nowMs - DAY_MS),
    notAfter: new Date(nowMs + HOUSE_YEARS * 365 * DAY_MS),
    signingAlgorithm: KEY,
    keys: keys as CryptoKeyPair,
    extensions: [
      new x509.BasicConstraintsExtension(true, 0, true),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.keyCertSign | x509.KeyUsageFlags.cRLSign, true),
      await x509.SubjectKeyIdentifierExtension.create(keys.publicKey as CryptoKey),
      new x509.Extension(NAME_CONSTRAINTS, true, onlyAtHome(names)),
    ],
  });
  return keep(folder, 'house', keys as CryptoKeyPair, certificate);
}

async function makeServer(folder: string, house: Pair, names: readonly string[], nowMs: number): Promise<Pair> {
  const keys = await webcrypto.subtle.generateKey(KEY, true, ['sign', 'verify']);
  const certificate = await x509.X509CertificateGenerator.create({
    subject: 'CN=Gander',
    issuer: house.certificate.subject,
    notBefore: new Date(nowMs - DAY_MS),
    notAfter: new Date(nowMs + SERVER_DAYS * DAY_MS),
    signingAlgorithm: KEY,
    publicKey: keys.publicKey as CryptoKey,
    signingKey: (await keyOf(house.key)) as CryptoKey,
    extensions: [
      new x509.BasicConstraintsExtension(false),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.digitalSignature, true),
      new x509.ExtendedKeyUsageExtension([x509.ExtendedKeyUsage.serverAuth]),
      new x509.SubjectAlternativeNameExtension(
        names.map((value) => ({ type: isIP(value) ? ('ip' as const) : ('dns' as const), value })),
      ),
      await x509.AuthorityKeyIdentifierExtension.create(house.certificate.publicKey),
    ],
  });
  return keep(folder, 'server', keys as CryptoKeyPair, certificate);
}

/** Numbers of private networks and of this computer: with its names, all that the house's certificate may speak for. */
const HOME_NETS = [
  '10.0.0.0/8',
  '172.16.0.0/12',
  '192.168.0.0/16',
  '169.254.0.0/16',
  '127.0.0.0/8',
  'fc00::/7',
  'fe80::/10',
  '::1/128',
];

function onlyAtHome(names: readonly string[]): ArrayBuffer {
  const dns = ['localhost', 'local', ...names.filter((name) => !isIP(name))];
  // A house where devices have public numbers: those that this computer has now.
  const others = names.filter((name) => isIP(name) && !isHomeNumber(name)).map((name) => `${name}/32`);
  const permittedSubtrees = new GeneralSubtrees([
    ...[...HOME_NETS, ...others].map((iPAddress) => new GeneralSubtree({ base: new GeneralName({ iPAddress }) })),
    ...[...new Set(dns)].map((dNSName) => new GeneralSubtree({ base: new GeneralName({ dNSName }) })),
  ]);
  return AsnConvert.serialize(new NameConstraints({ permittedSubtrees }));
}

function isHomeNumber(number: string): boolean {
  const home = new BlockList();
  for (const net of HOME_NETS) {
    const [base = '', bits] = net.split('/');
    home.addSubnet(base, Number(bits), isIP(base) === 6 ? 'ipv6' : 'ipv4');
  }
  return home.check(number, isIP(number) === 6 ? 'ipv6' : 'ipv4');
}

/** Whether the house's certificate may speak for all of them. */
function speaksFor({ certificate }: Pair, names: readonly string[]): boolean {
  const constraints = certificate.getExtension(NAME_CONSTRAINTS);
  if (!constraints) return false;
  const { permittedSubtrees } = AsnConvert.parse(constraints.value, NameConstraints);
  const bases = [...(permittedSubtrees ?? [])].map(({ base }) => base.dNSName ?? base.iPAddress ?? '');
  return names.every((name) =>
    isIP(name)
      ? isHomeNumber(name) || bases.some((base) => base.startsWith(`${name}/`))
      : bases.some((base) => name === base || name.endsWith(`.${base}`)),
  );
}

const pem = (label: string, bytes: ArrayBuffer) => x509.PemConverter.encode(bytes, label);

async function keep(
  folder: string,
  name: string,
  keys: CryptoKeyPair,
  certificate: x509.X509Certificate,
): Promise<Pair> {
  const key = pem('PRIVATE KEY', await webcrypto.subtle.exportKey('pkcs8', keys.privateKey as never));
  writeFileSync(join(folder, `${name}.key`), key, { mode: 0o600 });
  writeFileSync(join(folder, `${name}.crt`), certificate.toString('pem'));
  return { key, certificate };
}

/** A pair that was kept and is good for a while yet; undefined otherwise. */
function readPair(folder: string, name: string, nowMs: number): Pair | undefined {
  try {
    const key = readFileSync(join(folder, `${name}.key`), 'utf8');
    const certificate = new x509.X509Certificate(readFileSync(join(folder, `${name}.crt`), 'utf8'));
    return certificate.notAfter.getTime() > nowMs + RENEW_DAYS * DAY_MS ? { key, certificate } : undefined;
  } catch {
    return undefined;
  }
}

const keyOf = (key: string) =>
  webcrypto.subtle.importKey('pkcs8', x509.PemConverter.decodeFirst(key), KEY, false, ['sign']);

const namesOf = (certificate: x509.X509Certificate): string[] =>
  certificate.getExtension(x509.SubjectAlternativeNameExtension)?.names.items.map(({ value }) => value) ?? [];
