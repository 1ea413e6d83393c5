<?php

declare(strict_types=1);

namespace Aequus\Logbook;

use Aequus\Measure\Length;
use Aequus\Measure\Slope;
use Aequus\Measure\TapeClass;
use Aequus\Measure\TapeConditions;
use Aequus\Plan\FixedLine;
use Aequus\Plan\Point;
use Aequus\Plan\PostId;
use Aequus\Plan\Side;
use Aequus\Plan\Soil;
use UnexpectedValueException;

/** Payloads as they are stored and read again. What was once stored stays readable: an old version is understood here, never rewritten. */
final class PayloadCodec
{
    /** 2: a tape says which one it is and how it was held. 3: a rod says on what it stands, from which set-up. 4: a hole says which soils it went through. 5: a lean says how it was read. 6: an offset says from which line, and with which tape. */
    public const VERSION = 6;

    /** @return array<string, mixed> ready for JSON; lengths in whole nanometres */
    public static function encode(Payload $payload): array
    {
        return match (true) {
            $payload instanceof NoticeAsked => ['asked_on' => $payload->askedOn, 'working_days' => $payload->workingDays, 'reference' => $payload->reference],
            $payload instanceof ServiceLine => ['type' => $payload->type->value, 'name' => $payload->name, 'no_dig' => $payload->noDig->nanometres,
                'points' => array_map(fn (Point $p) => [$p->x->nanometres, $p->y->nanometres], $payload->points),
                'origin' => $payload->origin === null ? null : [$payload->origin->x->nanometres, $payload->origin->y->nanometres]],
            $payload instanceof TapeReading => ['from' => $payload->from->value, 'to' => $payload->to->value, 'distance' => $payload->distance->nanometres, 'tape' => $payload->tape->value,
                'name' => $payload->name, 'lay' => $payload->lay->value, 'rise' => $payload->rise?->nanometres, 'conditions' => $payload->conditions === null ? null : self::encodeConditions($payload->conditions)],
            $payload instanceof StringReading => ['post' => $payload->post->value, 'from' => $payload->from->value, 'to' => $payload->to->value, 'off' => $payload->off->nanometres, 'run' => $payload->run->nanometres],
            $payload instanceof LineReading => ['post' => $payload->post->value, 'off' => $payload->off->nanometres, 'line' => $payload->line, 'tape' => $payload->tape?->value],
            $payload instanceof AsCast => ['post' => $payload->post->value, 'along_x' => $payload->alongX->nanometres, 'along_y' => $payload->alongY->nanometres],
            $payload instanceof StakeMoved, $payload instanceof PostSet, $payload instanceof PostCut => ['post' => $payload->post->value],
            $payload instanceof BoardsUp => [],
            $payload instanceof BenchmarkChosen => ['name' => $payload->name, 'height' => $payload->height->nanometres],
            $payload instanceof RodReading => ['point' => $payload->point->stored(), 'rod' => $payload->rod->nanometres, 'set_up' => $payload->setUp, 'distance' => $payload->distance?->nanometres],
            $payload instanceof BeamTested => ['rises' => $payload->rises->ratio],
            $payload instanceof HeightDifference => ['from' => $payload->from->stored(), 'to' => $payload->to->stored(), 'read' => $payload->read->nanometres, 'instrument' => $payload->instrument->value,
                'over' => $payload->over?->nanometres, 'way' => $payload->way->value, 'hung_at' => $payload->hungAt?->nanometres, 'level' => $payload->level],
            $payload instanceof HoleDug => ['post' => $payload->post->value, 'depth' => $payload->depth->nanometres, 'width' => $payload->width?->nanometres, 'found' => $payload->found?->value,
                'soils' => array_map(fn (SoilLayer $layer) => [$layer->soil->value, $layer->to->nanometres], $payload->soils)],
            $payload instanceof PlumbReading => ['post' => $payload->post->value, 'face' => $payload->face->value, 'leans_toward' => $payload->leansToward->value,
                'lean' => $payload->lean->stored(), 'stage' => $payload->stage->value, 'turned' => $payload->turned, 'bearing' => $payload->bearing],
            $payload instanceof TwistRead => ['post' => $payload->post->value, 'gap' => $payload->gap->nanometres, 'over' => $payload->over->nanometres],
            $payload instanceof SpacingRead => ['from' => $payload->from->value, 'to' => $payload->to?->value, 'at' => $payload->at->value, 'distance' => $payload->distance->nanometres, 'line' => $payload->line],
            $payload instanceof SeenReady => ['item' => $payload->item->value, 'post' => $payload->post?->value],
            $payload instanceof CrossChecked => ['before' => $payload->before->value, 'route' => $payload->route->value, 'off' => $payload->off->nanometres],
            $payload instanceof PostFilled => ['post' => $payload->post->value, 'step' => $payload->step->value, 'bags' => $payload->bags, 'celsius' => $payload->celsius],
            $payload instanceof PictureTaken => ['post' => $payload->post?->value, 'phase' => $payload->phase, 'fingerprint' => $payload->fingerprint, 'says' => $payload->says],
            $payload instanceof TopMeasured => ['post' => $payload->post->value, 'above_datum_line' => $payload->aboveDatumLine->nanometres],
            $payload instanceof Decision => ['about' => $payload->about->value, 'post' => $payload->post?->value, 'reason' => $payload->reason, 'lesser' => $payload->lesser?->nanometres],
            $payload instanceof Remark => ['post' => $payload->post?->value, 'text' => $payload->text],
            $payload instanceof HandedOver => ['to' => $payload->to, 'remark' => $payload->remark],
            $payload instanceof Strike => ['sequence' => $payload->sequence, 'reason' => $payload->reason],
            default => throw new UnexpectedValueException('A kind of entry has no stored form: '.$payload::class),
        };
    }

    /**
     * @param  array<string, mixed>  $stored
     *
     * @throws UnexpectedValueException when it was written by a newer version of this program
     */
    public static function decode(EntryKind $kind, int $version, array $stored): Payload
    {
        if ($version > self::VERSION) {
            throw new UnexpectedValueException("An entry of version {$version} can't be read by this version of the program.");
        }
        // Thousands of these are read for one page: nothing is made here that is not needed.
        $post = isset($stored['post']) ? PostId::of($stored['post']) : null;

        return match ($kind) {
            EntryKind::Notice => new NoticeAsked($stored['asked_on'], $stored['working_days'], $stored['reference']),
            EntryKind::Service => new ServiceLine(ServiceType::from($stored['type']), $stored['name'], Length::nanometres($stored['no_dig']),
                array_map(fn (array $p) => new Point(Length::nanometres($p[0]), Length::nanometres($p[1])), array_values($stored['points'])),
                isset($stored['origin']) ? new Point(Length::nanometres($stored['origin'][0]), Length::nanometres($stored['origin'][1])) : null),
            EntryKind::Tape => self::decodeTape($stored),
            EntryKind::StringOffset => new StringReading(PostId::of($stored['post']), PostId::of($stored['from']), PostId::of($stored['to']), Length::nanometres($stored['off']), Length::nanometres($stored['run'])),
            EntryKind::LineOffset => new LineReading(PostId::of($stored['post']), Length::nanometres($stored['off']), $stored['line'] ?? FixedLine::FIRST_ID, isset($stored['tape']) ? TapeClass::from($stored['tape']) : null),
            EntryKind::AsCast => new AsCast(PostId::of($stored['post']), Length::nanometres($stored['along_x']), Length::nanometres($stored['along_y'])),
            EntryKind::BoardsUp => new BoardsUp,
            EntryKind::StakeMoved => new StakeMoved(PostId::of($stored['post'])),
            EntryKind::Benchmark => new BenchmarkChosen($stored['name'], Length::nanometres($stored['height'])),
            EntryKind::Rod => isset($stored['point'])
                ? new RodReading(LevelPoint::fromStored($stored['point']), Length::nanometres($stored['rod']), $stored['set_up'], $stored['distance'] === null ? null : Length::nanometres($stored['distance']))
                : new RodReading($post, Length::nanometres($stored['rod'])),
            EntryKind::BeamTested => new BeamTested(Slope::ratio((float) $stored['rises'])),
            EntryKind::HeightDifference => new HeightDifference(
                LevelPoint::fromStored($stored['from']), LevelPoint::fromStored($stored['to']), Length::nanometres($stored['read']), LevelInstrument::from($stored['instrument']),
                $stored['over'] === null ? null : Length::nanometres($stored['over']), LevelWay::from($stored['way']), $stored['hung_at'] === null ? null : Length::nanometres($stored['hung_at']), $stored['level'],
            ),
            EntryKind::Hole => new HoleDug(PostId::of($stored['post']), Length::nanometres($stored['depth']), isset($stored['width']) ? Length::nanometres($stored['width']) : null, Finding::tryFrom($stored['found'] ?? ''),
                array_map(fn (array $layer) => new SoilLayer(Soil::from($layer[0]), Length::nanometres($layer[1])), array_values($stored['soils'] ?? []))),
            EntryKind::PostSet => new PostSet(PostId::of($stored['post'])),
            EntryKind::Plumb => new PlumbReading(PostId::of($stored['post']), Side::from($stored['face']), Side::from($stored['leans_toward']),
                isset($stored['lean']) ? LeanMeasure::fromStored($stored['lean']) : LeanMeasure::gap(Length::nanometres($stored['gap']), Length::nanometres($stored['level'])), Stage::from($stored['stage']), $stored['turned'] ?? false, isset($stored['bearing']) ? (float) $stored['bearing'] : null),
            EntryKind::Twist => new TwistRead(PostId::of($stored['post']), Length::nanometres($stored['gap']), Length::nanometres($stored['over'])),
            EntryKind::Spacing => new SpacingRead(PostId::of($stored['from']), $stored['to'] === null ? null : PostId::of($stored['to']), SpacingAt::from($stored['at']), Length::nanometres($stored['distance']), $stored['line'] ?? FixedLine::FIRST_ID),
            EntryKind::Ready => new SeenReady(ReadyItem::from($stored['item']), $post),
            EntryKind::CrossChecked => new CrossChecked(PointOfNoReturn::from($stored['before']), CheckRoute::from($stored['route']), Length::nanometres($stored['off'])),
            EntryKind::Filled => new PostFilled(PostId::of($stored['post']), FillStep::from($stored['step']), $stored['bags'], $stored['celsius'] === null ? null : (float) $stored['celsius']),
            EntryKind::Picture => new PictureTaken($post, $stored['phase'], $stored['fingerprint'], $stored['says']),
            EntryKind::Top => new TopMeasured(PostId::of($stored['post']), Length::nanometres($stored['above_datum_line'])),
            EntryKind::PostCut => new PostCut(PostId::of($stored['post'])),
            EntryKind::Decision => new Decision(DecisionAbout::from($stored['about']), $post, $stored['reason'], isset($stored['lesser']) ? Length::nanometres($stored['lesser']) : null),
            EntryKind::Remark => new Remark($post, $stored['text']),
            EntryKind::HandedOver => new HandedOver($stored['to'], $stored['remark']),
            EntryKind::Strike => new Strike($stored['sequence'], $stored['reason']),
        };
    }

    /**
     * Version 1 knew one tape, held level, with nothing noted about it.
     *
     * @param  array<string, mixed>  $stored
     */
    private static function decodeTape(array $stored): TapeReading
    {
        $rise = $stored['rise'] ?? null;
        $conditions = $stored['conditions'] ?? null;

        return new TapeReading(
            PostId::of($stored['from']), PostId::of($stored['to']), Length::nanometres($stored['distance']), TapeClass::from($stored['tape']),
            $stored['name'] ?? '', TapeLay::from($stored['lay'] ?? TapeLay::Level->value), $rise === null ? null : Length::nanometres($rise),
            $conditions === null ? null : new TapeConditions($conditions['celsius'], $conditions['newtons'], hangsWhole: $conditions['hangs_whole']),
        );
    }

    /** @return array<string, float|bool|null> */
    private static function encodeConditions(TapeConditions $conditions): array
    {
        return ['celsius' => $conditions->celsius, 'newtons' => $conditions->newtons, 'hangs_whole' => $conditions->hangsWhole];
    }
}
