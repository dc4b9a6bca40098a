<?php

declare(strict_types=1);

namespace Tests\App\Outbox;

use App\Desks\Outbox\Outbox;
use App\Desks\Outbox\OutletDesk;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Post;
use App\Shelves\Models\PostState;
use Illuminate\Support\Facades\File;
use Symfony\Component\Process\Process;

/** Disks and servers that are real ones: S3 over HTTP (npm: s3rver), SFTP over SSH (npm: ssh2). */
final class DisksTest extends OutboxCase
{
    private ?Process $server = null;

    protected function tearDown(): void
    {
        $this->server?->stop(0, SIGKILL);
        parent::tearDown();
    }

    /** @param  list<string>  $command */
    private function started(array $command, string $until): string
    {
        $this->server = new Process($command, base_path(), timeout: null);
        $this->server->start();
        $this->server->waitUntil(static fn (string $type, string $said): bool => str_contains($said, $until));

        return $this->server->getOutput().$this->server->getErrorOutput();
    }

    private function sent(Batch $batch, string $place): Post
    {
        $outlet = app(OutletDesk::class)->add($this->channel(), $place, '');
        $post = app(Outbox::class)->now($batch->shorts->firstOrFail()->setRelation('batch', $batch), $outlet);
        $this->work(...['--queue' => 'posts']);

        return $post->refresh();
    }

    /** @return list<string> */
    private static function below(string $folder): array
    {
        $names = array_map(static fn (\SplFileInfo $file): string => (string) preg_replace(
            '/-[0-9a-f]{8}(?=\.)/', '', $file->getFilename(),
        ), File::allFiles($folder));
        sort($names);

        return $names;
    }

    public function test_a_short_goes_to_a_disk_like_s3_and_is_known_there(): void
    {
        $port = random_int(20_000, 30_000);
        File::makeDirectory("$this->kept/s3");
        $this->started(['npx', 's3rver', '-d', "$this->kept/s3", '-a', '127.0.0.1', '-p', (string) $port,
            '--configure-bucket', 'shorts'], 'listening');
        $this->places(['disks' => [[
            'id' => 's3', 'name' => 'Bucket', 'bucket' => 'shorts', 'region' => 'us-east-1', 'key' => 'S3RVER',
            'secret' => 'S3RVER', 'endpoint' => "http://127.0.0.1:$port", 'path_style' => true, 'prefix' => 'a/b',
        ]]]);
        $batch = $this->finished();
        $post = $this->sent($batch, 's3');
        self::assertSame(PostState::Posted, $post->state, (string) $post->problem);
        $files = implode(' ', self::below("$this->kept/s3"));
        self::assertStringContainsString('01-lamp.mp4', $files);
        self::assertStringContainsString('01-lamp.json', $files);

        // Its answer was lost: it is found, and not brought again.
        $post->update(['state' => PostState::Planned, 'posted_at' => null]);
        $this->artisan('reel:publish', ['--due' => true]);
        self::assertSame(PostState::Posted, $post->refresh()->state);
        self::assertSame($files, implode(' ', self::below("$this->kept/s3")));

        $this->server?->stop(0, SIGKILL);
        $post->update(['state' => PostState::Planned, 'posted_at' => null]);
        $this->artisan('reel:publish', ['--due' => true]);
        self::assertSame(PostState::Waiting, $post->refresh()->state);
        self::assertStringContainsString('cannot be reached', (string) $post->problem);
    }

    public function test_a_short_goes_to_a_server_by_sftp_whose_key_is_known(): void
    {
        File::makeDirectory("$this->kept/sftp/shorts", recursive: true);
        $told = json_decode($this->started(
            ['node', 'tests/App/Outbox/sftp.mjs', "$this->kept/sftp"], 'fingerprint',
        ), true);
        $place = [
            'id' => 'server', 'name' => 'Server', 'host' => '127.0.0.1', 'port' => $told['port'], 'username' => 'reel',
            'password' => 'bell', 'root' => '/shorts', 'fingerprint' => $told['fingerprint'], 'timeout' => 10,
        ];
        $this->places(['sftp' => [$place, [...$place, 'id' => 'other', 'name' => 'Other', 'fingerprint' => '00:11']]]);
        $batch = $this->finished();
        $post = $this->sent($batch, 'server');
        self::assertSame(PostState::Posted, $post->state, (string) $post->problem);
        self::assertContains('01-lamp.mp4', self::below("$this->kept/sftp"));

        // Ended before it was noted: the same files, once more.
        File::deleteDirectory((glob("$this->kept/sftp/shorts/*/.posted") ?: [''])[0]);
        $post->update(['state' => PostState::Planned, 'posted_at' => null]);
        $this->artisan('reel:publish', ['--due' => true]);
        self::assertSame(PostState::Posted, $post->refresh()->state, (string) $post->problem);
        self::assertCount(3, self::below("$this->kept/sftp"));

        $post = $this->sent($batch, 'other');
        self::assertSame(PostState::Waiting, $post->state, 'Nothing is sent to a machine of another key.');
        self::assertStringContainsString('does not let this machine in', (string) $post->problem);
    }
}
