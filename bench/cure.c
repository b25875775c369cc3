/*
 * The inner loop of src/core/cure (solver.ts, air.ts) once more, in C, so that the bench can say how far from the metal it runs.
 * The same eight films, cells, steps and days; prints ms per solve. Built and run by `npm run bench` where there is a cc.
 */
#include <math.h>
#include <stdio.h>
#include <time.h>

#define FILMS 8
#define CELLS 200
#define STEPS 200

static const double thickness[FILMS] = {15, 60, 80, 300, 70, 40, 30, 25};
static const double rate[FILMS] = {2, 1.3, 0.7, 0.65, 0.9, 0.8, 1.1, 0.9};
static const double oil = 0.55, perDay = 0.17075, um2PerDay = 4000, untilDay = 1584;

static double dz[CELLS], x[CELLS], middle[CELLS], uptake[CELLS], share[CELLS + 1];
static double passage[FILMS], paces[FILMS][STEPS + 2], means[FILMS][8192];
static int first[FILMS], count[FILMS], filled;

static double ramp(double at, double from, double width) {
  return at <= from ? 0 : at >= from + width ? 1 : (at - from) / width;
}

/* Of each film: what it does to the passage of oxygen, and its pace at every step of the cured fraction. */
static void makeTables(void) {
  for (int film = 0; film < FILMS; film++) {
    double lnRate = log(rate[film]);
    passage[film] = 2 * um2PerDay * pow(rate[film], 0.2);
    for (int step = 0; step < STEPS + 2; step++) {
      double at = (double)step / STEPS, late = ramp(at, 0.6, 0.25);
      double e = lnRate >= 0 ? 1 - 0.7 * ramp(at, 0.2, 0.65) : 1 + 0.5 * ramp(at, 0.3, 0.1) - late;
      paces[film][step] = exp(e * lnRate);
    }
  }
}

static void settle(const double *at, int laid) {
  double half = INFINITY, sink = 1, below = 0;
  for (int film = 0; film < laid; film++) {
    const double *table = paces[film];
    for (int i = first[film]; i < first[film] + count[film]; i++) {
      double u = 1 - at[i], place = at[i] * STEPS;
      int step = (int)place;
      double k = perDay * (table[step] + (place - step) * (table[step + 1] - table[step]));
      double resists = dz[i] / (passage[film] * oil * (1 - 0.7 * at[i]));
      double link = 1 / (half + resists), had = link / (sink + below + link);
      uptake[i] = k;
      share[i] = had;
      below = link * (1 - had);
      half = resists;
      sink = oil * k * u * u * u * dz[i];
    }
  }
  double link = 1 / half, above = 1;
  share[filled] = link / (sink + below + link);
  for (int i = filled - 1; i >= 0; i--) {
    above *= share[i + 1];
    uptake[i] *= above;
  }
}

static void advance(double dt, double *into) {
  for (int i = 0; i < filled; i++) {
    double u = 1 - x[i];
    into[i] = 1 - 1 / sqrt(1 / (u * u) + 2 * uptake[i] * dt);
  }
}

static double solve(void) {
  double day = 0;
  int laid = 0, step = 0;
  filled = 0;
  makeTables();
  for (;;) {
    while (laid < FILMS && laid * 12 <= day + 1e-9) {
      count[laid] = fmin(60, fmax(6, round(thickness[laid] / 25)));
      first[laid] = filled;
      for (int i = 0; i < count[laid]; i++, filled++) {
        dz[filled] = thickness[laid] / count[laid];
        x[filled] = 0;
      }
      laid++;
    }
    if (day >= untilDay) return means[0][step - 1];
    settle(x, laid);
    double fastest = 1e-9;
    for (int i = 0; i < filled; i++) {
      double u = 1 - x[i];
      fastest = fmax(fastest, uptake[i] * u * u * u);
    }
    double next = laid < FILMS ? laid * 12 : untilDay;
    double dt = fmin(40, fmin(0.02 / fastest, next - day));
    advance(dt / 2, middle);
    settle(middle, laid);
    advance(dt, x);
    day = next - day - dt < 1e-9 ? next : day + dt;
    for (int film = 0; film < laid; film++) {
      double sum = 0, top = 0, depth = 0;
      for (int i = first[film] + count[film] - 1; i >= first[film]; i--) {
        top += x[i] * fmax(0, fmin(dz[i], 200 - depth));
        sum += x[i] * dz[i];
        depth += dz[i];
      }
      means[film][step] = sum / depth + 0 * top;
    }
    step++;
  }
}

int main(void) {
  const int runs = 200;
  double kept = 0;
  clock_t began = clock();
  for (int run = 0; run < runs; run++) kept += solve();
  printf("%.4f %.6f\n", 1000.0 * (clock() - began) / CLOCKS_PER_SEC / runs, kept / runs);
}
