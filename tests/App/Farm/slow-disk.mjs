// Stands before a service over HTTP and makes every request wait: slow-disk.mjs PORT PORT-OF-THE-SERVICE MILLISECONDS
import http from 'node:http';

const [port, to, ms] = process.argv.slice(2).map(Number);
http.createServer((asked, answer) => {
    setTimeout(() => {
        const on = http.request(
            { port: to, host: '127.0.0.1', method: asked.method, path: asked.url, headers: asked.headers },
            (answered) => {
                answer.writeHead(answered.statusCode, answered.headers);
                answered.pipe(answer);
            },
        );
        on.on('error', () => answer.destroy());
        asked.pipe(on);
    }, ms);
}).listen(port, '127.0.0.1', () => console.log('listening'));
