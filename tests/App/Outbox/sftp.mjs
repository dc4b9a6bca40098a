// A server that speaks SFTP, for tests: node sftp.mjs FOLDER KEYFILE prints its port and the fingerprint of its key.
import { createHash } from 'node:crypto';
import fs from 'node:fs';
import { join, normalize } from 'node:path';
import ssh2 from 'ssh2';

const { Server, utils } = ssh2;
const { OPEN_MODE, STATUS_CODE } = utils.sftp;
const folder = process.argv[2];
const key = utils.generateKeyPairSync('ed25519').private;
const inside = (path) => join(folder, normalize(`/${path}`));
const attrs = (stat) => ({
    mode: stat.mode, uid: stat.uid, gid: stat.gid, size: stat.size, atime: stat.atimeMs / 1000,
        mtime: stat.mtimeMs / 1000,
});
const server = new Server({ hostKeys: [key] }, (client) => {
    client.on('error', () => {});
    client.on('authentication',
        (ask) => (ask.method === 'password' && ask.username === 'reel' && ask.password === 'bell'
        ? ask.accept() : ask.reject(['password'])));
    client.on('session', (accept) => accept().on('sftp', (take) => {
        const sftp = take();
        const open = new Map();
        let next = 0;
        const handle = (value) => { open.set(next,
            value); const one = Buffer.alloc(4); one.writeUInt32BE(next++); return one; };
        const of = (one) => open.get(one.readUInt32BE(0));
        const tried = (id, work) => {
            try {
                work();
            } catch (problem) {
                sftp.status(id, problem.code === 'ENOENT' ? STATUS_CODE.NO_SUCH_FILE : STATUS_CODE.FAILURE);
            }
        };
        const done = (id, work) => tried(id, () => { work(); sftp.status(id, STATUS_CODE.OK); });
        sftp.on('OPEN', (id, path, flags) => tried(id, () => {
            const how = flags & OPEN_MODE.WRITE ? (flags & OPEN_MODE.TRUNC ? 'w' : 'a+') : 'r';
            sftp.handle(id, handle(fs.openSync(inside(path), how)));
        }));
        sftp.on('WRITE', (id, one, offset, data) => done(id, () => fs.writeSync(of(one), data, 0, data.length,
            offset)));
        sftp.on('READ', (id, one, offset, length) => tried(id, () => {
            const data = Buffer.alloc(length);
            const read = fs.readSync(of(one), data, 0, length, offset);
            if (read) sftp.data(id, data.subarray(0, read));
            else sftp.status(id, STATUS_CODE.EOF);
        }));
        sftp.on('CLOSE', (id, one) => done(id, () => typeof of(one) === 'number' && fs.closeSync(of(one))));
        const stat = (id, path) => tried(id, () => sftp.attrs(id, attrs(fs.statSync(inside(path)))));
        sftp.on('STAT', stat);
        sftp.on('LSTAT', stat);
        sftp.on('FSTAT', (id, one) => tried(id, () => sftp.attrs(id, attrs(fs.fstatSync(of(one))))));
        sftp.on('SETSTAT', (id) => sftp.status(id, STATUS_CODE.OK));
        sftp.on('FSETSTAT', (id) => sftp.status(id, STATUS_CODE.OK));
        sftp.on('REALPATH', (id, path) => sftp.name(id, [{ filename: normalize(`/${path}`), longname: '',
            attrs: {} }]));
        sftp.on('OPENDIR', (id, path) => tried(id, () => sftp.handle(id, handle({ all: fs.readdirSync(inside(path)),
            path }))));
        sftp.on('READDIR', (id, one) => {
            const list = of(one);
            if (!list.all) return sftp.status(id, STATUS_CODE.EOF);
            const names = list.all.map((name) => ({
                filename: name, longname: name, attrs: attrs(fs.statSync(join(inside(list.path), name))),
            }));
            list.all = null;
            return names.length ? sftp.name(id, names) : sftp.status(id, STATUS_CODE.EOF);
        });
        sftp.on('MKDIR', (id, path) => done(id, () => fs.mkdirSync(inside(path))));
        sftp.on('RENAME', (id, from, to) => done(id, () => {
            // As the protocol has it: what is there already is not replaced.
            if (fs.existsSync(inside(to))) throw new Error('there');
            fs.renameSync(inside(from), inside(to));
        }));
        sftp.on('REMOVE', (id, path) => done(id, () => fs.unlinkSync(inside(path))));
    }));
});
server.listen(0, '127.0.0.1', () => {
    const own = utils.parseKey(key);
    const md5 = createHash('md5').update(own.getPublicSSH()).digest('hex').match(/../g).join(':');
    console.log(JSON.stringify({ port: server.address().port, fingerprint: md5 }));
});
