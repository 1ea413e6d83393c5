<?php

declare(strict_types=1);

namespace Aequus\Words\Site;

use Aequus\Site\Caution;

/** A caution in words: one line, and what more there is to say. */
final class CautionWords
{
    public static function line(Caution $caution): string
    {
        return self::say($caution)[0];
    }

    public static function more(Caution $caution): string
    {
        return self::say($caution)[1];
    }

    /** @return array{string, string} */
    private static function say(Caution $caution): array
    {
        return match ($caution) {
            Caution::LocalCode => [
                'Your local code and permit office come first.',
                'Every figure here is a default you can change, never a ruling. '
                    .'Roofs, raised floors, guards, stairs, slopes and retaining walls usually need a permit and licensed design. '
                    .'Spans of beams and joists are not checked here: rely on the table or engineer you name.',
            ],
            Caution::Buried => [
                'Buried lines kill. No digging before the marks are there.',
                'Ask for utility marks and wait the notice days. Private lines — to a shed, a pump, a lamp — are yours to find. '
                    .'Inside the no-dig distance dig by hand, with a blunt tool, along the line.',
            ],
            Caution::Struck => [
                'If you strike a line: stop, leave, call.',
                'Leave the tool where it is. Keep people, flames and engines away. '
                    .'Call the owner of the line and, for gas or power, the emergency number. Write it down afterwards.',
            ],
            Caution::Overhead => [
                'Look up: overhead lines.',
                'Know the height of every line over the site and of what you will lift under it — posts, rods, a raised bed. '
                    .'Keep the distance its owner asks for.',
            ],
            Caution::Roadside => [
                'Beside a road: traffic first, and a post that yields.',
                'Ask the road’s owner for leave. Work facing the traffic in bright clothes, with a cone or a second person watching. '
                    .'A post that a car may hit must give way: local rules say how thick it may be, and most bar concrete and steel.',
            ],
            Caution::Stakes => [
                'Cover your eyes when you drive stakes, and cap steel pins.',
                'Splinters fly from a struck stake. A pin left standing at shin height goes through a boot or a fallen child: '
                    .'cap it, or flag it. A string across a path at neck height wants a rag on it.',
            ],
            Caution::Weather => [
                'Heat, cold, dark and storms: stop in time.',
                'Drink and shade in heat; dry hands and warm feet in cold. Nobody digs, lifts or saws when he cannot see. '
                    .'At the first thunder everybody leaves the timber.',
            ],
            Caution::Beam => [
                'Never look into a laser beam.',
                'Set it above or below the height of the eyes, and switch it off when nobody reads. '
                    .'Sun on a mirror or a wet rod throws it where you do not expect it.',
            ],
            Caution::Frost => [
                'Frost depth comes from your local office, not from here.',
                'The figure you type is used as it stands. '
                    .'Ask the permit office for theirs, and for what the first winter means if fill comes later.',
            ],
            Caution::Holes => [
                'Open holes: cover them, and never reach into a deep one.',
                'Sides collapse. Cover holes overnight and when you leave, so that neither child nor animal can fall in. '
                    .'Nobody lies down to reach into a hole deeper than an arm.',
            ],
            Caution::Auger => [
                'An auger kicks when it bites.',
                'Two people on a two-person auger, feet apart, no loose sleeves. Roots and stones stop the bit and turn the machine.',
            ],
            Caution::Tractor => [
                'Tractor auger or loader: one driver, nobody near.',
                'The shaft winds up a sleeve before anyone can shout: shield on, engine off before a hand goes near the bit. '
                    .'Nobody rides, nobody stands under a raised bucket, and the machine keeps off the edge of an open hole.',
            ],
            Caution::Lowering => [
                'Lower pads and blocks with a hook or a strap, never with your fingers.',
                'A pad that slips takes the finger between it and the wall of the hole. '
                    .'Tip it in on two ropes, and nudge it flat with a bar from above.',
            ],
            Caution::Lifting => [
                'Know what a post weighs before you lift it.',
                'Do not set a heavy post alone. Nobody stands under it while it goes up, and nobody holds a driven post while another swings.',
            ],
            Caution::Unbraced => [
                'A post is not safe until it is braced two ways.',
                'Do not climb an unbraced frame. Leave the braces on until the fill has set; '
                    .'a surface still wet contradicts the bag: believe the surface.',
            ],
            Caution::Straps => [
                'A strap or winch under tension whips when it lets go.',
                'Nobody stands in its line or steps over it. '
                    .'Take up a little at a time, look at hook and anchor after each pull, and leave a brace on the far side so that the '
                    .'post cannot come over.',
            ],
            Caution::Props => [
                'Beams on props: nobody beneath, until posts carry them.',
                'A clamp or a prop is for holding, not for trusting: two at each end, on firm pads, braced both ways. '
                    .'A frame that is tilted up wants a rope on each side and a stop at its feet.',
            ],
            Caution::Driving => [
                'Driving steel: eyes and ears covered, the helper out of reach.',
                'Nobody holds the post with his hands while another swings: hold it with a strap or a long clamp. '
                    .'Look for lines below and above first. Steel struck by steel throws splinters; a mushroomed head is ground off.',
            ],
            Caution::Cement => [
                'Wet cement burns skin and eyes.',
                'Gloves, eyes covered, dust not breathed in. Wash it off at once. Bags are heavy: carry fewer at a time.',
            ],
            Caution::Foam => [
                'Foam: gloves, eyes covered, fresh air; it grows hot.',
                'The resin sticks to skin and cannot be washed off; its vapour harms the lungs, most of all in a hole or a shed. '
                    .'A thick pour can smoke: never more at once than the label says, no flame near it. '
                    .'Cover it from the sun once it is hard.',
            ],
            Caution::Drilling => [
                'Drilling concrete or masonry: wet or with a vacuum, and keep the edge distance.',
                'The dust scars lungs: no dry drilling without a mask that is made for it. '
                    .'Drill only cured concrete, and no nearer the edge than the anchor’s maker allows, or the pier splits. '
                    .'Feel for bars and pipes first.',
            ],
            Caution::Wall => [
                'A house wall is not an anchor until you know what is behind it.',
                'Veneer and siding carry nothing. '
                    .'Fix only to the structure, with the fixing its code names, and lead water away behind it; '
                    .'or stand the frame on its own posts beside the wall.',
            ],
            Caution::Cure => [
                'Nobody climbs and nothing is loaded before the cure.',
                'A ladder against a post, a beam on it or a saw in it shakes what has not set. Cold makes it slow; near freezing it stands still.',
            ],
            Caution::Saw => [
                'Saws: eyes, ears, dust, and both hands.',
                'Stand where the offcut does not fall. Use a protected circuit outdoors. '
                    .'Dust and offcuts of treated wood stay out of gardens, compost and fires.',
            ],
            Caution::Ladder => ['Ladders stand on firm ground, tied.', 'Nobody under a beam that is going up. Cut from the ground where you can.'],
            Caution::Fire => [
                'Charring and oiling: untreated wood only, and only where burning is allowed today.',
                'Ask for the day’s fire rules; water at hand, dry grass wetted, nobody leaves while it smokes. '
                    .'Never burn treated wood. Oily rags heat up by themselves: '
                    .'spread them flat outdoors or drown them in a tin with a lid.',
            ],
            Caution::Garden => [
                'Treated wood beside food beds: keep them apart.',
                'Line the bed or leave a foot of soil between, and keep sawdust, offcuts and wash water out of it. '
                    .'Never burn treated wood or use its ash.',
            ],
            Caution::Fasteners => [
                'Fasteners for treated wood and salt air must not rust away.',
                'Preservatives with copper eat plain and thinly galvanised steel: '
                    .'hot-dip galvanised or stainless, bases and bolts of the same metal. '
                    .'Near the sea stainless, and look at them every year.',
            ],
            Caution::Uplift => [
                'Wind lifts a roof harder than most posts hold it down.',
                'A light roof can pull its posts out. Earth, gravel and foam hold down little by themselves: '
                    .'name the cleat, collar or anchor that does, and have a licensed engineer look at open roofs.',
            ],
            Caution::Play => [
                'Things that people climb or swing on need more than plumb posts.',
                'Keep fall zones clear and soft. The rating of a fitting is not the rating of the frame it hangs on.',
            ],
            Caution::Carries => [
                'Prop what the post carries before you take the post away.',
                'Roof, rail or gate stand on props of their own, on sound ground and braced, until the new post is fast. '
                    .'Where it carries a roof or a floor, ask somebody licensed what the props must bear.',
            ],
            Caution::Hung => [
                'Nobody hangs, swings, climbs or plays on it before its fill is hard.',
                'That is days, longer in the cold: its maker’s sheet or the bag says how many. Put a sign and a barrier up until then, '
                    .'and try it with your own weight, low down, before anybody else does.',
            ],
            Caution::Swings => [
                'A hoist, swing or hammock pulls far more than it weighs.',
                'On a home-made frame the rating of the hook says nothing about the beam, the joint or the post. '
                    .'Have such a frame designed for it, or hang nothing that moves.',
            ],
            Caution::Thrown => [
                'Things thrown or swung: keep the range clear.',
                'Lay out the range with the frame: '
                    .'nobody’s path crosses it, a fence or a bank behind it, and the distance that its rules ask for to the next garden.',
            ],
        };
    }
}
