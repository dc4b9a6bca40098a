<?php

declare(strict_types=1);

namespace App\Shelves\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * The words that a channel’s translations into a language are held to.
 *
 * @property int $channel_id
 * @property string $language  primary part of a BCP 47 tag
 * @property string $words  a word a line, as Glossary reads it
 */
final class ChannelGlossary extends Model
{
    protected $table = 'glossaries';

    protected $fillable = ['language', 'words'];
}
