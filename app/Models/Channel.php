<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What is published under one name, and how it is to look.
 *
 * @property int $id
 * @property int $user_id
 * @property string $name
 * @property string $style_words
 * @property string $forbidden
 * @property string $pronunciations
 * @property string $voice
 */
final class Channel extends Model
{
    protected $fillable = ['user_id', 'name', 'style_words', 'forbidden', 'pronunciations', 'voice'];

    /** The account's channel; until it is described, one under the account's name. */
    public static function of(User $user): self
    {
        return self::query()->where('user_id', $user->id)->first()
            ?? new self(['user_id' => $user->id, 'name' => $user->name, 'style_words' => '', 'forbidden' => '', 'pronunciations' => '', 'voice' => '']);
    }

    /** @return list<string> */
    public function forbiddenWords(): array
    {
        return array_values(array_filter(array_map(trim(...), (array) preg_split('/[\n,;]+/', $this->forbidden)), static fn (string $word): bool => $word !== ''));
    }

    /** @return array<string, string> how to say it, by what is written */
    public function pronunciations(): array
    {
        $list = [];
        foreach (explode("\n", $this->pronunciations) as $line) {
            [$written, $said] = array_pad(array_map(trim(...), explode('=', $line, 2)), 2, '');
            if ($written !== '' && $said !== '') {
                $list[$written] = $said;
            }
        }

        return $list;
    }
}
