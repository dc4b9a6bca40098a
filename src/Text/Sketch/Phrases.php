<?php

declare(strict_types=1);

namespace RapidReel\Text\Sketch;

/** Sentences that could stand in any story, with which a sketch is brought to its length. */
final class Phrases
{
    private const ANY = [
        'At first it looked like nothing at all.', 'The first sign was so small that most people walked past it.',
        'People had an opinion about {topic} before they had seen it.',
        'Then somebody asked the question that had been missing.', 'The answer was not where they had looked.',
        'It is easy to see now, and it was hard to see then.', 'Word went round, from one door to the next.',
        'One of them wrote it down, and that page still exists.', 'A picture from those days shows how close it was.',
        'What happened next could be heard three streets away.',
        'By the evening, half of it was known and the other half was guessed.',
        'Those who were there told it the same way for the rest of their lives.',
        'A child saw it before any of the grown-ups did.', 'The map said one thing and the ground said another.',
        'There was one more door, and it was not locked.', 'Somebody had left a lamp burning in the window.',
        'They counted once more, and the number was still wrong.',
        'It rained the whole day, and the road was gone by noon.',
        'An old notebook gave the only clue that anyone could use.',
        'The key had hung on the same nail for thirty years.', 'It took two people, a rope and most of a night.',
        'In the morning there were footprints, and they went only one way.',
        'Every story about {topic} leaves this part out.',
        'And that was the moment when {topic} turned from a rumour into a fact.',
        'A letter about it arrived long after everyone had gone to bed.',
        'The oldest of them only shook her head and smiled.', 'Nothing in the records had prepared them for it.',
        'Seen from the hill, it was as plain as a white wall.',
    ];

    /** Sentences that speak to those a script is for. */
    public const ADDRESS = [
        'This one is for {audience}.', 'If you are among {audience}, you will know this.', '{Audience}, listen'
            .' closely.',
        'Ask {audience}: they have always known.',
    ];

    /** @return non-empty-list<string> */
    public static function of(Tone $tone): array
    {
        return [
            ...match ($tone) {
                Tone::Tense => [
                    'The clock went on, and there was no second chance.', 'Somebody outside tried the handle, slowly.',
                    'There were eleven minutes left, and then there were ten.',
                    'The light flickered, and it did not come back.', 'Behind them the ice began to sing.',
                    'Nobody spoke, because nobody wanted to be the first.',
                    'The rope held, but it would not hold twice.', 'It was already too late to turn round.',
                    'One wrong step, and the whole floor would have gone.',
                    'Their hands shook so hard that the match went out.',
                    'From below came a sound that none of them could name.',
                    'The water rose by a step with every breath.',
                ],
                Tone::Calm => [
                    'There was time, and they took it.', 'The kettle sang, and the story came out piece by piece.',
                    'A boat lay in the reeds and moved a little with the wind.',
                    'Some things show themselves only to people who sit still.',
                    'The snow made everything quiet, even the road.', 'She folded the paper twice and put it back.',
                    'An hour went by, and it was not a lost hour.', 'The garden kept its own calendar.',
                    'He walked the long way home, as he always did.', 'Evening came in slowly over the roofs.',
                    'It needed no explanation, only a chair and a window.',
                    'The bread was still warm when they had finished talking.',
                ],
                Tone::Bright => [
                    'And here it gets good.', 'They laughed so hard that they had to sit down.',
                    'It worked at the first try, which surprised everyone, most of all the inventor.',
                    'The whole street came out to look, with cake.',
                    'Somebody had brought a trumpet, and somebody else could almost play it.',
                    'The dog had known all along.', 'It was the best kind of trouble to be in.',
                    'You should have seen their faces.', 'By lunchtime there was a song about it.',
                    'The paint was still wet, and the flag was upside down, and it was perfect.',
                    'They did it again the next day, only bigger.', 'The sun came out as if somebody had paid for it.',
                ],
                Tone::Plain => [
                    'Here is what is known for certain.', 'The dates fit, and so do the measurements.',
                    'It was checked twice, by people who did not know each other.',
                    'The cause was simple once it had been found.', 'It works the same way today.',
                    'There are three reasons, and the third one matters most.',
                    'The cost was small, and the effect was not.',
                    'You can see it for yourself with a cup and some water.',
                    'Most of what is said about {topic} leaves out the weather.', 'The rest is a matter of patience.',
                    'Nobody has found a better way since.',
                    'It was written down the same evening, with the time beside it.',
                ],
            },
            ...self::ANY,
        ];
    }

    /** @return non-empty-list<string> sentences that end a sketch by asking something of the viewer */
    public static function closes(Tone $tone): array
    {
        return match ($tone) {
            Tone::Tense => [
                'Would you have opened that door?',
                'Follow, before the next one finds you.',
                'Tell me what you would have done.',
                'What would you have grabbed first?',
            ],
            Tone::Calm => [
                'Follow for another quiet story tomorrow.',
                'Who would you tell this to?',
                'Come back tomorrow for one more.',
                'Which part would you have kept?',
            ],
            Tone::Bright => [
                'Share this with somebody who needs a good day.',
                'Follow for another one tomorrow!',
                'Tell us your own version below.',
                'Who do you know who would have joined in?',
            ],
            Tone::Plain => [
                'Follow for one more fact tomorrow.',
                'Save this for when you need it.',
                'What would you add?',
                'Ask below what you want to know next.',
            ],
        };
    }
}
