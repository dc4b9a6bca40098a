<?php

declare(strict_types=1);

namespace App\Desks\Outbox;

use App\Desks\Editing\TargetDesk;
use App\Gateways\Outlets\OutletBook;
use App\Gateways\Outlets\OutletDoor;
use App\Gateways\Outlets\OutletDoors;
use App\Gateways\Outlets\OutletFailure;
use App\Gateways\Outlets\OutletPlace;
use App\Gateways\Outlets\ServiceSignIn;
use App\Media\Store\KeyedLock;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Outlet;
use App\Shelves\Models\Post;
use App\Shelves\Models\PostState;
use Illuminate\Support\Facades\DB;
use RapidReel\Base\FileName;
use RapidReel\Base\Language\WrittenAs;
use RapidReel\Base\Refusal;
use RapidReel\Base\Target\Target;
use RapidReel\Making\Publish\Results\Rate;
use RapidReel\Making\Publish\Schedule\PostHours;

/** The outlets of a channel: chosen among the places this machine knows, signed in at, paused, taken out. */
final readonly class OutletDesk
{
    private const MOST = 20;

    public function __construct(
        private OutletBook $book,
        private OutletDoors $doors,
        private KeyedLock $locks,
    ) {
    }

    /** @throws Refusal */
    public function add(Channel $channel, string $place, string $name): Outlet
    {
        $known = $this->book->get($place)
            ?? throw new Refusal(
                'This machine knows no such place. Whoever runs it names them in its file of outlets.',
            );
        $name = self::name($name === '' ? $known->name : $name);

        return DB::transaction(function () use ($channel, $known, $name): Outlet {
            $all = $channel->its(Outlet::class)->pluck('name');
            if ($all->count() >= self::MOST) {
                throw new Refusal(sprintf('A channel has at most %d outlets.', self::MOST));
            }
            if ($all->contains($name)) {
                throw new Refusal("There is an outlet “{$name}” already. Give this one another name.");
            }

            return $channel->its(Outlet::class)->create(['place' => $known->id, 'name' => $name]);
        });
    }

    /**
     * @param  array<string, string>  $written  fields as they are typed; those that are missing stay
     *
     * @throws Refusal that says what is wrong; nothing is changed then
     */
    public function change(Outlet $outlet, array $written): void
    {
        $is = static fn (string $field, string $now): string => trim($written[$field] ?? $now);
        $perDay = $is('per_day', (string) $outlet->per_day);
        if (preg_match('/^\d{1,2}$/D', $perDay) !== 1) {
            throw new Refusal('How many are posted a day is a whole number.');
        }
        $hours = PostHours::read(
            $is('hours', $outlet->hours), $is('days_off', $outlet->days_off), (int) $perDay,
        );
        $rate = Rate::read(
            $is('rate', $outlet->pays()->written()), mb_strtoupper($is('currency', $outlet->currency)),
        );
        $target = $is('target', $outlet->target);
        if ($target !== '' && ! isset(TargetDesk::all($outlet->channel)->all[$target])) {
            throw new Refusal('There is no such target. Choose one of the list.');
        }
        $language = $is('language', $outlet->language);
        if (! in_array($language, ['', Outlet::FIRST], true) && ! WrittenAs::isTag($language)) {
            throw new Refusal('The language is named by its tag: de, pt, ar.');
        }
        $outlet->update([
            'name' => self::name($is('name', $outlet->name)),
            'language' => $language === Outlet::FIRST ? $language : WrittenAs::primary($language),
            'hours' => $hours->hoursText(), 'days_off' => $hours->offText(), 'per_day' => $hours->perDay,
            'rate' => $rate->millionths, 'currency' => $rate->currency, 'target' => $target,
            'as_draft' => $is('as_draft', $outlet->as_draft ? 'on' : '') === 'on',
        ]);
    }

    public function hold(Outlet $outlet, bool $held): void
    {
        $outlet->update(['held' => $held]);
    }

    /** @throws Refusal while something of it is being sent */
    public function remove(Outlet $outlet): void
    {
        DB::transaction(static function () use ($outlet): void {
            if ($outlet->posts()->whereIn('state', [PostState::Sending, PostState::Processing])->exists()) {
                throw new Refusal('A short is on its way there. Wait until it has arrived, or pause the outlet first.');
            }
            if ($outlet->posts()->where('state', PostState::Posted)->exists()) {
                throw new Refusal(
                    'Shorts were posted there, and what they brought would go with it. Pause it instead.',
                );
            }
            $outlet->delete();
        });
    }

    /** @throws Refusal where the machine knows it no longer */
    public function place(Outlet $outlet): OutletPlace
    {
        return $this->book->get($outlet->place)
            ?? throw new Refusal("This machine knows no place “{$outlet->place}” any more.");
    }

    /** @throws Refusal */
    public function door(Outlet $outlet): OutletDoor
    {
        $place = $this->place($outlet);
        $channel = $outlet->channel;

        return $this->doors->of(
            $place, FileName::plain($channel->name, 'channel').'-'.$channel->id,
            new OutletAccess($outlet, $place, $this->locks),
        );
    }

    /** Whether somebody has to sign in there before anything leaves. */
    public function wantsSignIn(Outlet $outlet): bool
    {
        try {
            return $outlet->tokens === null && $this->place($outlet)->wantsSignIn();
        } catch (Refusal) {
            return false;
        }
    }

    /**
     * @return array{address: string, state: string, verifier: string}
     *
     * @throws Refusal
     */
    public function beginSignIn(Outlet $outlet, string $back): array
    {
        $place = $this->place($outlet);

        return $place->wantsSignIn()
            ? (new ServiceSignIn($place))->begin($back)
            : throw new Refusal("Nobody signs in at “{$outlet->name}”.");
    }

    /** @throws Refusal */
    public function finishSignIn(Outlet $outlet, string $back, string $code, string $verifier): void
    {
        try {
            $tokens = (new ServiceSignIn($this->place($outlet)))->finish($back, $code, $verifier);
        } catch (OutletFailure $failure) {
            throw new Refusal("{$outlet->name} did not let you in: {$failure->getMessage()} Try again.");
        }
        $outlet->update(['tokens' => $tokens, 'problem' => null]);
    }

    /** @throws Refusal */
    public function signOut(Outlet $outlet): void
    {
        $tokens = $outlet->tokens;
        $outlet->update(['tokens' => null]);
        if ($tokens !== null) {
            (new ServiceSignIn($this->place($outlet)))->withdraw($tokens['refresh']);
        }
    }

    /** What it takes, as the short is planned for another where it says nothing. */
    public static function target(Outlet $outlet): ?Target
    {
        return $outlet->target === '' ? null : TargetDesk::all($outlet->channel)->get($outlet->target);
    }

    /** @return list<Outlet> of a channel, in the order they came */
    public static function of(Channel $channel): array
    {
        return array_values($channel->its(Outlet::class)->orderBy('id')->get()
            ->each(static fn (Outlet $one) => $one->setRelation('channel', $channel))->all());
    }

    /** One of a channel's own by its number; null where there is none. */
    public static function find(Channel $channel, int $id): ?Outlet
    {
        return $channel->its(Outlet::class)->find($id)?->setRelation('channel', $channel);
    }

    /** How many posts of an outlet are in each state. */
    public static function counts(Outlet $outlet, PostState $state): int
    {
        return Post::query()->where('outlet_id', $outlet->id)->where('state', $state)->count();
    }

    /** @throws Refusal */
    private static function name(string $written): string
    {
        $name = trim((string) preg_replace('/\s+/u', ' ', mb_scrub($written)));

        return $name !== '' && mb_strlen($name) <= 60
            ? $name
            : throw new Refusal('An outlet needs a name of at most 60 letters.');
    }
}
