/** Works the atlas was compiled from. Where they differ, the wider range stands. */
export const SOURCES: Record<string, string> = {
	'elliott-humpesch-2010':
		'Elliott, J. M. & Humpesch, U. H. (2010). Mayfly larvae (Ephemeroptera) of Britain and Ireland: keys and a review of their ecology. Freshwater Biological Association.',
	'bauernfeind-soldan-2012':
		'Bauernfeind, E. & Soldán, T. (2012). The mayflies of Europe (Ephemeroptera). Apollo Books.',
	'brittain-1982': 'Brittain, J. E. (1982). Biology of mayflies. Annual Review of Entomology 27, 119–147.',
	'hynes-1977':
		'Hynes, H. B. N. (1977). A key to the adults and nymphs of the British stoneflies (Plecoptera). Freshwater Biological Association.',
	'brittain-saltveit-1989':
		'Brittain, J. E. & Saltveit, S. J. (1989). A review of the effect of river regulation on mayflies (Ephemeroptera). Regulated Rivers: Research & Management 3, 191–204.',
	'brittain-1990':
		'Brittain, J. E. (1990). Life history strategies in Ephemeroptera and Plecoptera. In: Mayflies and Stoneflies, 1–12. Kluwer.',
	'wallace-2003':
		'Wallace, I. D., Wallace, B. & Philipson, G. N. (2003). Keys to the case-bearing caddis larvae of Britain and Ireland. Freshwater Biological Association.',
	'edington-hildrew-1995':
		'Edington, J. M. & Hildrew, A. G. (1995). A revised key to the caseless caddis larvae of the British Isles. Freshwater Biological Association.',
	'wiggins-2004':
		'Wiggins, G. B. (2004). Caddisflies: the underwater architects. University of Toronto Press.',
	'armitage-1995':
		'Armitage, P. D., Cranston, P. S. & Pinder, L. C. V. (eds) (1995). The Chironomidae: biology and ecology of non-biting midges. Chapman & Hall.',
	'merritt-2008':
		'Merritt, R. W., Cummins, K. W. & Berg, M. B. (eds) (2008). An introduction to the aquatic insects of North America. Kendall/Hunt.',
	'thorp-covich-2010':
		'Thorp, J. H. & Covich, A. P. (eds) (2010). Ecology and classification of North American freshwater invertebrates. Academic Press.',
	'kottelat-freyhof-2007':
		'Kottelat, M. & Freyhof, J. (2007). Handbook of European freshwater fishes. Cornol and Berlin.',
	'stewart-stark-2002':
		'Stewart, K. W. & Stark, B. P. (2002). Nymphs of North American stonefly genera (Plecoptera). 2nd ed. Caddis Press.',
	'waringer-graf-2011':
		'Waringer, J. & Graf, W. (2011). Atlas of Central European Trichoptera larvae. Erik Mauch.',
	'winterbourn-2006':
		'Winterbourn, M. J., Gregson, K. L. D. & Dolphin, C. H. (2006). Guide to the aquatic insects of New Zealand. Bulletin of the Entomological Society of New Zealand 14.',
	'gooderham-tsyrlin-2002':
		'Gooderham, J. & Tsyrlin, E. (2002). The waterbug book: a guide to the freshwater macroinvertebrates of temperate Australia. CSIRO Publishing.',
	'dominguez-2006':
		'Domínguez, E., Molineri, C., Pescador, M. L., Hubbard, M. D. & Nieto, C. (2006). Ephemeroptera of South America. Pensoft.',
	'dominguez-fernandez-2009':
		'Domínguez, E. & Fernández, H. R. (eds) (2009). Macroinvertebrados bentónicos sudamericanos: sistemática y biología. Fundación Miguel Lillo.',
	'kawai-tanida-2005':
		'Kawai, T. & Tanida, K. (eds) (2005). Aquatic insects of Japan: manual with keys and illustrations. Tokai University Press.',
	'triplehorn-johnson-2005':
		'Triplehorn, C. A. & Johnson, N. F. (2005). Borror and DeLong’s introduction to the study of insects. 7th ed. Thomson Brooks/Cole.',
	'chapman-2011':
		'Chapman, M. A., Lewis, M. H. & Winterbourn, M. J. (2011). Guide to the freshwater Crustacea of New Zealand. New Zealand Freshwater Sciences Society.',
	'mcdowall-1990':
		'McDowall, R. M. (1990). New Zealand freshwater fishes: a natural history and guide. Heinemann Reed.',
	'field-rule': 'Field rule: common knowledge of guides, held by no work that we know of.',
	'abell-2008': 'Abell, R. et al. (2008). Freshwater ecoregions of the world. BioScience 58, 403–414.',
	'hopkins-1920':
		'Hopkins, A. D. (1920). Periodical events and natural law as guides to agricultural research and practice. Monthly Weather Review, Supplement 9.',
	'hoelldobler-wilson-1990': 'Hölldobler, B. & Wilson, E. O. (1990). The ants. Harvard University Press.'
};
