package neatcorner.core.measure;

/** Anything a figure of a plan can hold: a value with a unit of its own. */
public sealed interface Quantity
        permits Length, Gap, Angle, Area, Volume, SecondMoment, Mass, Force, Moment, Count, Share, Money {
}
