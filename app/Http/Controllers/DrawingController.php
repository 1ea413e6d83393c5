<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aequus\Logbook\Clear\ServiceLine;
use Aequus\Logbook\Clear\ServiceType;
use Aequus\Logbook\Entry;
use Aequus\Logbook\Kind\EntryRefused;
use Aequus\Measure\Length;
use Aequus\Measure\LengthReader;
use Aequus\Measure\Refusal;
use Aequus\Plan\Place\WorldPlace;
use Aequus\Plan\Plan;
use Aequus\Plan\Terms\PlanRefused;
use Aequus\Site\PlanInWorld;
use Aequus\Words\Speech;
use App\Actions\NewEntry;
use App\Actions\RecordEntry;
use App\Actions\RevisePlan;
use App\Actions\TakeOut;
use App\Exchange\Drawn\DrawingFile;
use App\Exchange\Drawn\Drawn;
use App\Exchange\Drawn\DrawnRefusal;
use App\Exchange\Drawn\Layers;
use App\Files\DrawingPage;
use App\Models\Job;
use App\Plan\PartForm;
use App\Type\Say;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** A drawing of somebody else comes in: shown layer by layer, stored on a press, all of it or nothing, and taken back as one. */
final class DrawingController extends Controller
{
    /** Bytes of a drawing. */
    private const LARGEST = 5_000_000;

    /** How ids of entries begin that came in with a drawing. */
    public const CAME_IN = 'drawing-';

    private const WAITS = 'drawing.';

    public function read(Request $request, Job $job): RedirectResponse
    {
        $file = $request->file('drawing');
        if (! $file instanceof UploadedFile || ! $file->isValid() || $file->getSize() > self::LARGEST) {
            $this->refuse($job, 'drawing', Say::text('files.drawn_no_file'));
        }
        $bytes = (string) $file->get();
        $refused = DrawingFile::read($bytes)->refused;
        if ($refused !== null) {
            $this->refuse($job, 'drawing', Say::text("files.drawn_{$refused->value}", most: Drawn::MOST));
        }
        Cache::put(self::WAITS.$job->id.'.'.$token = hash('xxh128', $bytes), base64_encode($bytes), now()->addHour());

        return redirect()->route('files.drawn', [$job, $token]);
    }

    public function show(Job $job, string $token): View|RedirectResponse
    {
        $drawn = $this->waiting($job, $token);
        if ($drawn->refused !== null) {
            return redirect()->route('files', $job)->with('said', Say::text('files.drawn_gone'));
        }
        $plan = $job->revision->plan();
        $frames = [
            'plan' => Say::text('files.drawn_frame_plan'),
        ] + ($this->world($plan)->holds() ? ['world' => Say::text('files.drawn_frame_world')] : []);

        return $this->page(
            'files.drawing', $this->site($job),
            ['page' => new DrawingPage($drawn, $token), 'usual' => (string) $plan->notation->system()->one, 'frames' => $frames, 'phase' => 'files'],
        );
    }

    public function keep(Request $request, Job $job, RevisePlan $revise, RecordEntry $record): RedirectResponse
    {
        $token = $request->string('token')->value();
        $drawn = $this->waiting($job, $token);
        $plan = $job->revision->plan();
        if ($drawn->refused !== null) {
            $this->refuse($job, 'drawing', Say::text('files.drawn_gone'));
        }
        $back = fn (string $field, string $says) => throw ValidationException::withMessages([$field => $says])->redirectTo(route(
            'files.drawn', [$job, $token],
        ));
        $roles = [];
        foreach (array_keys($drawn->layers()) as $i => $layer) {
            $roles[$layer] = $request->string("layer_{$i}")->value();
        }
        $isInGround = array_filter($roles, fn (string $role) => ServiceType::tryFrom($role) !== null) !== [];
        $noDig = $this->noDig($request, $plan);
        if ($isInGround && $noDig === null) {
            $back('no_dig', Say::text('files.drawn_no_dig_missing'));
        }
        $world = $request->string('frame')->value() === 'world' ? $this->world($plan) : null;
        if (($world !== null && ! $world->holds()) || ($drawn->isWorld && $world === null)) {
            $back('frame', Say::text('files.points_lies_nowhere'));
        }
        $unit = array_key_exists($request->string('unit')->value(), DrawingPage::UNITS) ? (float) $request->string('unit')->value() : 1.0;
        try {
            $layers = new Layers($drawn, $plan, $roles, $unit, $world, $noDig);
            if (count($layers->posts) > Layers::MOST_POSTS) {
                $back('layer_0', Say::text('files.points_too_many', most: Layers::MOST_POSTS));
            }
            $with = $layers->plan(PartForm::fresh($plan)->value('part_name'), 'd'.$request->integer('based_on'));
        } catch (PlanRefused|EntryRefused $refused) {
            $back('layer_0', (string) (new Speech($plan))->say($refused->fact));
        }
        DB::transaction(function () use ($request, $job, $revise, $record, $layers, $with): void {
            if ($layers->changesPlan()) {
                $revise($job, $this->user($request), $with, Say::text('files.drawn_reason'), $request->integer('based_on'));
            }
            // Which revision it came with, or after which: so that the newest of several is found again.
            $batch = self::CAME_IN.($job->revision()->firstOrFail()->number).($layers->changesPlan() ? 'p-' : 'l-').Str::ulid();
            foreach ($layers->services as $i => $service) {
                $record($job, $this->user($request), new NewEntry($service, "{$batch}-{$i}", readBy: Say::text('files.drawn_by')));
            }
        });
        Cache::forget(self::WAITS."{$job->id}.{$token}");
        $left = array_map(fn (array $one) => Say::text('files.drawn_not_so', layer: $one[0], count: $one[1]), $layers->left);

        return redirect()->route('files', $job)->with(
            'said',
            implode(
                ' ',
                [
                    Say::text('files.drawn_kept', posts: count($layers->posts), things: count($layers->objects), lines: count($layers->services)),
                    ...$left,
                ],
            ),
        );
    }

    /**
     * The newest drawing alone: the plan as it was before it came in, and its lines struck. A plan that was changed since is left, and that is said.
     */
    public function takeOut(Request $request, Job $job, RevisePlan $revise, TakeOut $takeOut): RedirectResponse
    {
        $last = $job->revision;
        $newest = array_slice($this->cameIn($job), -1)[0] ?? null;
        $batch = $newest === null ? '' : (string) preg_replace('/-\d+$/', '', $newest->clientId);
        $isOfPlan = str_starts_with($batch, self::CAME_IN."{$last->number}p-");
        $isLinesAlone = str_starts_with($batch, self::CAME_IN."{$last->number}l-");
        $isDrawn = $last->reason === Say::text('files.drawn_reason') && ! $isLinesAlone;
        // A drawing that changed the plan later than the newest lines came in had no lines of its own.
        $lines = $isDrawn && ! $isOfPlan ? []
            : array_keys(array_filter($this->cameIn($job), fn (Entry $entry) => $batch !== '' && str_starts_with($entry->clientId, $batch)));
        DB::transaction(function () use ($request, $job, $revise, $takeOut, $last, $isDrawn, $lines): void {
            if ($isDrawn) {
                $revise(
                    $job, $this->user($request), $job->revisions()->where('number', $last->number - 1)->firstOrFail()->plan(),
                    Say::text('files.drawn_out_reason'), $last->number,
                );
            }
            $takeOut($job, $this->user($request), $lines, Say::text('files.drawn_out_reason'));
        });
        $isPlanLeft = ! $isDrawn && preg_match('/^'.self::CAME_IN.'\d+p-/', $batch) === 1;

        return redirect()->route('files', $job)->with('said', Say::text($isPlanLeft ? 'files.drawn_lines_out' : 'files.drawn_taken_out'));
    }

    /** @return array<int, Entry> lines that came in with a drawing and count, by sequence, growing */
    private function cameIn(Job $job): array
    {
        return array_filter(
            $this->site($job)->state->log->counting,
            fn (Entry $entry) => $entry->payload instanceof ServiceLine && str_starts_with($entry->clientId, self::CAME_IN),
        );
    }

    private function waiting(Job $job, string $token): Drawn
    {
        $kept = Cache::get(self::WAITS."{$job->id}.{$token}");

        return is_string($kept) ? DrawingFile::read((string) base64_decode($kept, true)) : Drawn::refused(DrawnRefusal::Nothing);
    }

    private function world(Plan $plan): PlanInWorld
    {
        return new PlanInWorld($plan, $plan->world ?? new WorldPlace([]));
    }

    private function noDig(Request $request, Plan $plan): ?Length
    {
        try {
            $typed = $request->string('no_dig')->value();

            return $typed === '' ? null : LengthReader::read($typed, $plan->notation->unit);
        } catch (Refusal) {
            return null;
        }
    }

    private function refuse(Job $job, string $field, string $says): never
    {
        throw ValidationException::withMessages([$field => $says])->redirectTo(route('files', $job));
    }
}
