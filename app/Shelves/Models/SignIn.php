<?php

declare(strict_types=1);

namespace App\Shelves\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A place where an account is signed in.
 *
 * @property int $id
 * @property int $user_id
 * @property string $address  that it was asked from
 * @property string $with  what the browser calls itself
 * @property int $seen_at
 * @property bool $ended
 */
final class SignIn extends Model
{
    protected $fillable = ['address', 'with', 'seen_at', 'ended'];

    /** @var array<string, string> */
    protected $casts = ['ended' => 'bool'];
}
