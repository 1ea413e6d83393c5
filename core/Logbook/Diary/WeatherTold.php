<?php

declare(strict_types=1);

namespace Aequus\Logbook\Diary;

use Aequus\Days\WeatherHour;
use Aequus\Logbook\Kind\EntryRefusal;
use Aequus\Logbook\Kind\EntryRefused;
use Aequus\Logbook\Kind\IsNotSpoken;
use Aequus\Logbook\Kind\Known;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\Question;
use Aequus\Logbook\Kind\QuestionAbout;
use Aequus\Logbook\Kind\SaysItUnderAnyPlan;
use Aequus\Measure\Stored;

/** The weather of a day, as somebody’s own forecast has it: it comes before that of the station. */
final readonly class WeatherTold implements Payload
{
    use IsNotSpoken;
    use SaysItUnderAnyPlan;

    /** °C beyond which it is asked about. */
    private const COLDEST = -40.0;

    private const WARMEST = 50.0;

    /**
     * @param  string  $day  as YYYY-MM-DD
     * @param  float  $least  °C
     * @param  float  $greatest  °C
     * @param  float  $rain  mm in each hour from the one to the other
     * @param  int  $from  first hour of rain or thunder
     * @param  int  $to  the hour it ends
     * @param  float  $gust  m/s, all day
     *
     * @throws EntryRefused when the least is above the greatest, or hours run backward
     */
    public function __construct(
        public string $day, public float $least, public float $greatest, public float $rain = 0.0, public int $from = 0, public int $to = 24,
        public float $gust = 0.0, public bool $thunder = false,
    ) {
        if ($least > $greatest || $rain < 0.0 || $gust < 0.0 || $from < 0 || $to > 24 || $from >= $to) {
            throw EntryRefused::because(EntryRefusal::NoSuchWeather);
        }
    }

    /** What an hour of that day brings. */
    public function hour(int $hour): WeatherHour
    {
        $isIn = $hour >= $this->from && $hour < $this->to;

        return new WeatherHour($isIn ? $this->rain : 0.0, $this->gust, $isIn && $this->thunder);
    }

    public function posts(): array
    {
        return [];
    }

    public function questions(Known $known): array
    {
        return $this->least < self::COLDEST || $this->greatest > self::WARMEST ? [Question::doubtful(QuestionAbout::WeatherUnusual, 'least')] : [];
    }

    public function stored(): array
    {
        return [
            'day' => $this->day, 'least' => $this->least, 'greatest' => $this->greatest, 'rain' => $this->rain, 'from' => $this->from,
            'to' => $this->to, 'gust' => $this->gust,
            'thunder' => $this->thunder,
        ];
    }

    public static function fromStored(Stored $stored): self
    {
        return new self(
            $stored->text('day'), $stored->real('least'), $stored->real('greatest'), $stored->real('rain'), $stored->whole('from'),
            $stored->whole('to'), $stored->real('gust'), $stored->isSo('thunder'),
        );
    }
}
