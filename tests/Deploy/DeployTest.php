<?php

declare(strict_types=1);

namespace Tests\Deploy;

use App\Shelves\Models\Footage;
use Illuminate\Support\Facades\File;
use Symfony\Component\Process\Process;
use Tests\App\AppTestCase;

/** What stands in docs/deploy, run by nginx and php-fpm as it stands, with other paths put in. */
final class DeployTest extends AppTestCase
{
    private const NAME = 'reel.example.org';

    private const PASSWORD = 'a password for the test';

    private const PIECE = 4 * 1024 * 1024;

    /** @var list<Process> */
    private static array $servers = [];

    private static int $port = 0;

    /** @var array<string, string> */
    private array $cookies = [];

    protected function setUp(): void
    {
        parent::setUp();
        $this->user()->update(['password' => self::PASSWORD]);
        self::$servers === [] && self::serve();
    }

    public static function tearDownAfterClass(): void
    {
        foreach (self::$servers as $server) {
            $server->stop(3, SIGKILL);
        }
        self::$servers = [];
        parent::tearDownAfterClass();
    }

    private static function serve(): void
    {
        $place = TEST_PLACE.'/deploy';
        File::deleteDirectory($place);
        File::ensureDirectoryExists("$place/tmp");
        $taken = stream_socket_server('tcp://127.0.0.1:0');
        self::assertNotFalse($taken);
        self::$port = (int) substr((string) strrchr((string) stream_socket_get_name($taken, false), ':'), 1);
        fclose($taken);
        $docs = base_path('docs/deploy');
        $isRoot = posix_getuid() === 0;
        File::put("$place/site.conf", strtr((string) File::get("$docs/nginx.conf"), [
            '127.0.0.1:8081' => '127.0.0.1:'.self::$port, '/srv/rapid-reel/storage' => storage_path(),
            '/srv/rapid-reel' => base_path(), '/run/php/rapid-reel.sock' => "$place/fpm.sock",
        ]));
        File::put("$place/nginx.conf", implode("\n", [
            $isRoot ? 'user root;' : '', "pid $place/nginx.pid;", 'worker_processes 2;', "error_log $place/nginx.log;",
            'events { worker_connections 256; }',
            'http {', 'include /etc/nginx/mime.types;', "access_log off; client_body_temp_path $place/tmp;",
            "fastcgi_temp_path $place/tmp; proxy_temp_path $place/tmp; uwsgi_temp_path $place/tmp;",
            "scgi_temp_path $place/tmp;", "include $place/site.conf;", '}',
        ]));
        // Its settings are those of the test; whose it is, and whom it listens to, are of the machine.
        $pool = (string) preg_replace(
            ['/^(user|group|listen\.\w+) = .*$/m', '/^listen = .*$/m', '/^clear_env = yes$/m', '/^env\[.*$/m'],
            [';', "listen = $place/fpm.sock", 'clear_env = no', ''],
            (string) File::get("$docs/php-fpm.conf"),
        );
        $root = ($isRoot ? "user = root\ngroup = root\n" : '')."php_admin_value[variables_order] = EGPCS\n";
        File::put("$place/fpm.conf", "[global]\nerror_log = $place/fpm.log\ndaemonize = no\n$pool\n$root");
        $settings = [
            'REEL_ACCEL' => 'true', 'REEL_HOSTS' => self::NAME, 'REEL_PROXIES' => '127.0.0.1',
            'APP_URL' => 'https://'.self::NAME, 'APP_DEBUG' => 'false', 'SESSION_SECURE_COOKIE' => 'true',
        ];
        foreach ([
            ['/usr/sbin/php-fpm8.2', '-F', ...$isRoot ? ['-R'] : [], '-y', "$place/fpm.conf"],
            ['/usr/sbin/nginx', '-c', "$place/nginx.conf", '-p', $place, '-g', 'daemon off;'],
        ] as $command) {
            $server = new Process($command, base_path(), $settings, timeout: null);
            $server->start();
            self::$servers[] = $server;
        }
        $stands = static fn (): bool => file_exists("$place/fpm.sock")
            && @fsockopen('127.0.0.1', self::$port) !== false;
        for ($i = 0; $i < 200 && ! $stands(); $i++) {
            usleep(50_000);
        }
    }

    /**
     * @param  list<string>  $headers
     * @param  array<int, mixed>  $more  options of curl
     * @return array{status: int, headers: array<string, string>, body: string}
     */
    private function ask(string $path, array $headers = [], array $more = []): array
    {
        $curl = $this->request($path, $headers, $more);
        $answer = (string) curl_exec($curl);
        $size = curl_getinfo($curl, CURLINFO_HEADER_SIZE);
        $told = [];
        foreach (explode("\r\n", substr($answer, 0, $size)) as $line) {
            [$name, $value] = array_pad(explode(': ', $line, 2), 2, '');
            $told[strtolower($name)] = $value;
            if (strtolower($name) === 'set-cookie') {
                [$cookie, $set] = explode('=', (string) strtok($value, ';'), 2);
                $this->cookies[$cookie] = $set;
            }
        }

        return ['status' => curl_getinfo($curl, CURLINFO_RESPONSE_CODE), 'headers' => $told,
            'body' => substr($answer, $size)];
    }

    /**
     * @param  list<string>  $headers
     * @param  array<int, mixed>  $more
     */
    private function request(string $path, array $headers = [], array $more = []): \CurlHandle
    {
        $curl = curl_init('http://127.0.0.1:'.self::$port.$path);
        curl_setopt_array($curl, $more + [
            CURLOPT_RETURNTRANSFER => true, CURLOPT_HEADER => true, CURLOPT_TIMEOUT => 120,
            CURLOPT_HTTPHEADER => ['Host: '.self::NAME, 'X-Forwarded-Proto: https', 'Expect:',
                ...preg_grep('/^Accept:/', $headers) === [] ? ['Accept: text/html'] : [], ...$headers],
            // A cookie that is for HTTPS alone comes back over what the proxy speaks.
            CURLOPT_COOKIE => implode('; ', array_map(
                static fn (string $name, string $value): string => "$name=$value",
                array_keys($this->cookies), $this->cookies,
            )),
        ]);

        return $curl;
    }

    private function signIn(): string
    {
        $token = static function (string $page): string {
            self::assertSame(1, preg_match('/name="csrf-token" content="([^"]+)"/', $page, $found), $page);

            return $found[1];
        };
        $page = $this->ask('/sign-in');
        $in = $this->ask('/sign-in', [], [CURLOPT_POSTFIELDS => http_build_query([
            '_token' => $token($page['body']), 'email' => $this->user()->email, 'password' => self::PASSWORD,
        ])]);
        self::assertSame(302, $in['status'], $in['body']);

        return $token($this->ask('/')['body']);
    }

    public function test_nobody_is_led_away_and_what_goes_out_is_told_how_it_is_to_be_taken(): void
    {
        $away = $this->ask('/');
        self::assertSame(302, $away['status']);
        self::assertSame('https://'.self::NAME.'/sign-in', $away['headers']['location']);
        self::assertStringContainsString('secure', strtolower($away['headers']['set-cookie']));
        self::assertSame('nosniff', $away['headers']['x-content-type-options']);
        self::assertArrayNotHasKey('x-powered-by', $away['headers']);
        $curl = $this->request('/', ['Host: elsewhere.example.net']);
        curl_setopt($curl, CURLOPT_HTTPHEADER, ['Host: elsewhere.example.net']);
        self::assertStringNotContainsString('elsewhere.example.net/', (string) curl_exec($curl));

        // The folder gives out what is built, and nothing else that lies there.
        $built = array_values(array_filter(
            json_decode((string) file_get_contents(public_path('build/manifest.json')), true),
            static fn (array $one): bool => str_ends_with($one['file'], '.css'),
        ))[0]['file'];
        $style = $this->ask("/build/$built");
        self::assertSame([200, 'text/css'], [$style['status'], $style['headers']['content-type']]);
        self::assertStringContainsString('immutable', $style['headers']['cache-control']);
        foreach ([
            '/index.php', '/build/manifest.json', '/build/../../.env', '/.env', '/kept/library/', '/artisan',
        ] as $path) {
            $answer = $this->ask($path, [], [CURLOPT_PATH_AS_IS => true]);
            self::assertContains($answer['status'], [302, 400, 404], $path);
            self::assertStringNotContainsString('<?php', $answer['body']);
        }
    }

    public function test_files_are_sent_by_the_web_server_whole_or_in_part_and_to_nobody_else(): void
    {
        $this->library();
        $clip = Footage::query()->where('kind', 'clip')->firstOrFail();
        $bytes = (string) file_get_contents(storage_path("media/$clip->path"));
        self::assertContains($this->ask("/footage/$clip->id/file")['status'], [302, 401], 'Not without signing in.');
        $this->signIn();
        $whole = $this->ask("/footage/$clip->id/file");
        self::assertSame([200, $bytes], [$whole['status'], $whole['body']]);
        self::assertArrayNotHasKey('x-accel-redirect', $whole['headers']);
        self::assertStringContainsString('sandbox', $whole['headers']['content-security-policy']);
        self::assertSame('nosniff', $whole['headers']['x-content-type-options']);
        // nginx says what php does not: parts of a file, by its own time.
        $part = $this->ask("/footage/$clip->id/file", ['Range: bytes=100-299']);
        self::assertSame([206, substr($bytes, 100, 200)], [$part['status'], $part['body']]);
        self::assertSame('bytes 100-299/'.strlen($bytes), $part['headers']['content-range']);
        self::assertSame(416, $this->ask("/footage/$clip->id/file", ['Range: bytes=99999999-'])['status']);
        // Where files lie is nobody's to say but this server's.
        $sly = $this->ask("/footage/$clip->id/file", [
            'X-Sendfile-Type: X-Accel-Redirect', 'X-Accel-Mapping: '.storage_path('media').'/=/etc/',
        ]);
        self::assertSame([200, $bytes], [$sly['status'], $sly['body']]);
        self::assertSame(404, $this->ask("/kept/$clip->path")['status']);
    }

    public function test_fifty_read_at_once(): void
    {
        $this->library();
        $this->signIn();
        $clip = Footage::query()->where('kind', 'clip')->firstOrFail();
        $size = (int) filesize(storage_path("media/$clip->path"));
        $all = curl_multi_init();
        $readers = [];
        for ($i = 0; $i < 50; $i++) {
            $readers[] = $one = $this->request("/footage/$clip->id/file", ['Range: bytes='.$i * 100 .'-']);
            curl_multi_add_handle($all, $one);
        }
        do {
            curl_multi_exec($all, $running);
            curl_multi_select($all, 0.2);
        } while ($running > 0);
        foreach ($readers as $i => $one) {
            self::assertSame(206, curl_getinfo($one, CURLINFO_RESPONSE_CODE), "reader $i");
            $body = substr((string) curl_multi_getcontent($one), curl_getinfo($one, CURLINFO_HEADER_SIZE));
            self::assertSame($size - 100 * $i, strlen($body), "reader $i");
        }
    }

    public function test_900_megabytes_come_in_pieces_and_go_on_where_they_broke(): void
    {
        $token = $this->signIn();
        $length = 900 * 1024 * 1024;
        $tus = ['Tus-Resumable: 1.0.0', "X-CSRF-TOKEN: $token", 'Accept: application/json'];
        $begun = $this->ask('/uploads', [
            ...$tus, "Upload-Length: $length", 'Upload-Metadata: filename '.base64_encode('long.mp4'),
            'Content-Length: 0',
        ], [CURLOPT_CUSTOMREQUEST => 'POST']);
        self::assertSame(201, $begun['status'], $begun['body']);
        self::assertStringStartsWith('https://'.self::NAME.'/uploads/', $begun['headers']['location']);
        $path = (string) parse_url($begun['headers']['location'], PHP_URL_PATH);
        $piece = str_repeat("\0", self::PIECE);
        for ($at = 0; $at < $length; $at += self::PIECE) {
            $sent = $this->ask($path, [
                ...$tus, "Upload-Offset: $at", 'Content-Type: application/offset+octet-stream',
            ], [CURLOPT_CUSTOMREQUEST => 'PATCH', CURLOPT_POSTFIELDS => $piece]);
            self::assertSame(204, $sent['status'], "at $at: {$sent['body']}");
            if ($at === 40 * self::PIECE) {
                // The same piece again, as after a lost answer: it is told where to go on.
                $again = $this->ask($path, [
                    ...$tus, "Upload-Offset: $at", 'Content-Type: application/offset+octet-stream',
                ], [CURLOPT_CUSTOMREQUEST => 'PATCH', CURLOPT_POSTFIELDS => $piece]);
                self::assertSame(409, $again['status']);
                $state = $this->ask($path, $tus, [CURLOPT_NOBODY => true]);
                self::assertSame((string) ($at + self::PIECE), $state['headers']['upload-offset']);
            }
        }
        $state = $this->ask($path, $tus, [CURLOPT_NOBODY => true]);
        self::assertSame((string) $length, $state['headers']['upload-offset']);
        self::assertSame(204, $this->ask($path, $tus, [CURLOPT_CUSTOMREQUEST => 'DELETE'])['status']);
    }
}
