<?php

declare(strict_types=1);

namespace App\View;

use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

/** The cautions shown beside the step they belong to: one line, with more to open, folded to a mark once read. */
final readonly class Caution
{
    private const ALL = [
        'local-code' => ['Your local code and permit office come first.', 'Every figure here is a default you can change, never a ruling. Roofs, raised floors, guards, stairs, slopes and retaining walls usually need a permit and licensed design. Spans of beams and joists are not checked here: rely on the table or engineer you name.'],
        'buried' => ['Buried lines kill. No digging before the marks are there.', 'Ask for utility marks and wait the notice days. Private lines — to a shed, a pump, a lamp — are yours to find. Inside the no-dig distance dig by hand, with a blunt tool, along the line.'],
        'struck' => ['If you strike a line: stop, leave, call.', 'Leave the tool where it is. Keep people, flames and engines away. Call the owner of the line and, for gas or power, the emergency number. Write it down afterwards.'],
        'overhead' => ['Look up: overhead lines.', 'Know the height of every line over the site and of what you will lift under it — posts, rods, a raised bed. Keep the distance its owner asks for.'],
        'holes' => ['Open holes: cover them, and never reach into a deep one.', 'Sides collapse. Cover holes overnight and when you leave, so that neither child nor animal can fall in. Nobody lies down to reach into a hole deeper than an arm.'],
        'auger' => ['An auger kicks when it bites.', 'Two people on a two-person auger, feet apart, no loose sleeves. Roots and stones stop the bit and turn the machine.'],
        'lifting' => ['Know what a post weighs before you lift it.', 'Do not set a heavy post alone. Nobody stands under it while it goes up, and nobody holds a driven post while another swings.'],
        'unbraced' => ['A post is not safe until it is braced two ways.', 'Do not climb an unbraced frame. Leave the braces on until the fill has set; a surface still wet contradicts the bag: believe the surface.'],
        'cement' => ['Wet cement burns skin and eyes.', 'Gloves, eyes covered, dust not breathed in. Wash it off at once. Bags are heavy: carry fewer at a time.'],
        'saw' => ['Saws: eyes, ears, dust, and both hands.', 'Stand where the offcut does not fall. Use a protected circuit outdoors. Dust and offcuts of treated wood stay out of gardens, compost and fires.'],
        'ladder' => ['Ladders stand on firm ground, tied.', 'Nobody under a beam that is going up. Cut from the ground where you can.'],
        'play' => ['Things that people climb or swing on need more than plumb posts.', 'Keep fall zones clear and soft. The rating of a fitting is not the rating of the frame it hangs on.'],
        'frost' => ['Frost depth comes from your local office, not from here.', 'The figure you type is used as it stands. Ask the permit office for theirs, and for what the first winter means if fill comes later.'],
    ];

    private function __construct(
        public string $key,
        public string $line,
        public string $more,
        public bool $read,
    ) {
    }

    public static function exists(string $key): bool
    {
        return isset(self::ALL[$key]);
    }

    /**
     * @param  list<string>  $keys
     * @return list<self>
     */
    public static function of(array $keys): array
    {
        $read = DB::table('read_cautions')->where('user_id', Auth::id())->pluck('caution')->all();

        return array_map(fn (string $key) => new self($key, self::ALL[$key][0], self::ALL[$key][1], in_array($key, $read, true)), $keys);
    }
}
