<?php

declare(strict_types=1);

namespace App\Doors\Console;

use App\Shelves\Models\User;
use Illuminate\Console\Command;

final class AccountCommand extends Command
{
    use Answers;

    protected $signature = 'reel:account {email} {--name= : who it is}';

    protected $description = 'Makes an account, or gives one another password; asks for the password';

    public function handle(): int
    {
        $email = mb_strtolower(trim(self::written($this->argument('email'))));
        $password = (string) $this->secret('Password');
        if (filter_var($email, FILTER_VALIDATE_EMAIL) === false || mb_strlen($password) < User::SHORTEST_PASSWORD) {
            $this->error(
                sprintf(
                    'An account needs an e-mail address and a password of at least %d characters.',
                    User::SHORTEST_PASSWORD,
                ),
            );

            return self::FAILURE;
        }
        $user = User::query()->firstOrNew(['email' => $email]);
        $user
            ->fill(['name' => (string) ($this->option('name') ?: $user->name ?? $email), 'password' => $password])
            ->save();
        $this->info("$email can sign in.");

        return self::SUCCESS;
    }
}
