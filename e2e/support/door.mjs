import { createHash } from 'node:crypto';
import { connect } from 'node:tls';

/**
 * The public key that a door shows, by which a browser is told that its certificate is in its store.
 * @param {string} origin
 * @returns {Promise<string>} SHA-256, Base64
 */
export function shownKey(origin) {
  const { hostname, port } = new URL(origin);
  return new Promise((resolve, reject) => {
    const socket = connect({ host: hostname, port: Number(port), rejectUnauthorized: false }, () => {
      const key = socket.getPeerX509Certificate()?.publicKey.export({ type: 'spki', format: 'der' });
      socket.end();
      resolve(
        createHash('sha256')
          .update(key ?? '')
          .digest('base64'),
      );
    });
    socket.once('error', reject);
  });
}
