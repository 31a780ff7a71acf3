/** Says that the tour was had or declined in this browser. */
export const TOUR_COOKIE = 'tour'
